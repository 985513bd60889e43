import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { Finding, RuleStation } from "./finding.ts";
import { Found, type Ruling } from "./found.ts";
import type { HangsOn } from "./hangs-on.ts";
import type { Judged } from "./judged.ts";
import { notAsked } from "./outcome.ts";

/** One judgement as its file declares it: its question, its source and how it is examined. */
interface RuleDefinition {
  readonly id: `${RuleStation}/${string}`;
  readonly asks: string;
  readonly source: string;
  /** Inputs it looks at, for the generated page. */
  readonly inputs: readonly string[];
  /** What of the candidate decides: candidates alike in it share the finding. */
  readonly hangsOn: HangsOn;
  /**
   * Why the duty does not raise the question of any valve whatever; null where it may. A rule that has it is
   * examined only in duties that raise it.
   */
  readonly unraised?: (duty: SettledDuty, house: HouseRules) => string | null;
  readonly examine: (judged: Judged) => Found;
}

/** A rule, with the station it acts at. */
export interface Rule extends RuleDefinition, Ruling {}

/**
 * Declares a rule; it keeps the types together and reads the station from the id.
 *
 * @param definition id, question, source, inputs, what it hangs on, when it is raised and how examined
 * @returns the rule
 * @throws never
 * @source none: declaration only
 * @example rule({ id: "body/x", asks: "", source: "", inputs: [], hangsOn: "body", examine }).station // → "body"
 */
export function rule(definition: RuleDefinition): Rule {
  const station = definition.id.slice(0, definition.id.indexOf("/")) as RuleStation;
  return { unraised: undefined, ...definition, station };
}

/** Questions a duty does not raise are the same finding in every duty that gives the same reason. */
const unraised = new WeakMap<Ruling, Map<string, Found>>();

/**
 * The finding of a question that nothing raises.
 *
 * @param of the rule
 * @param why sentence without figures
 * @returns *not asked*, one and the same for each rule and reason
 * @throws never
 * @source none
 * @example unraisedFinding(someRule, "No sour service.").verdict // → "not asked"
 */
export function unraisedFinding(of: Rule, why: string): Found {
  const known = unraised.get(of) ?? new Map<string, Found>();
  unraised.set(of, known);
  const finding = known.get(why) ?? notAsked(why).ruledBy(of);
  known.set(why, finding);
  return finding;
}

/**
 * Examines a rule, the duty's own reason not to included.
 *
 * @param of the rule
 * @param judged valve, drive, demand, duty and house rules
 * @returns the finding with the rule's name on it
 * @throws never
 * @source the rule
 * @example examined(someRule, judged).rule === someRule.id
 */
export function examined(of: Rule, judged: Judged): Found {
  const why = of.unraised?.(judged.duty, judged.house) ?? null;
  return why === null ? ruled(of, judged) : unraisedFinding(of, why);
}

/**
 * Examines a rule the duty is known to raise.
 *
 * @param of the rule
 * @param judged valve, drive, demand, duty and house rules
 * @returns the finding with the rule's name on it
 * @throws never
 * @source the rule
 * @example ruled(someRule, judged).rule === someRule.id
 */
export function ruled(of: Rule, judged: Judged): Found {
  const outcome = of.examine(judged);
  return outcome.verdict === "not asked" && outcome.byCase.length === 0
    ? unraisedFinding(of, outcome.says)
    : outcome.ruledBy(of);
}

/**
 * A finding as plain data, with its inputs listed, fit to be stored or handed to another thread.
 *
 * @param finding a finding of a proof
 * @returns the same as a plain object
 * @throws never
 * @source none: a change of shape only
 * @example plainFinding(candidate.findings[0]).uses.length
 */
export function plainFinding(finding: Finding): Finding {
  return finding instanceof Found ? finding.toJSON() : { ...finding };
}

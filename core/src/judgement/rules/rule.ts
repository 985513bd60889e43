import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { PartPath } from "../../equipment/catalogue/parts/parts.ts";
import type { RuleStation, Verdict } from "./finding.ts";
import { Finding, type Ruling } from "./found.ts";
import type { Judged } from "./judged.ts";
import { notAsked } from "./outcome.ts";
import type { Outcome } from "./outcome-kinds.ts";

/** One judgement as its file declares it: its question, its source and how it is examined. */
interface RuleDefinition {
  readonly id: `${RuleStation}/${string}`;
  readonly asks: string;
  readonly source: string;
  /** Inputs it looks at, for the generated page. */
  readonly inputs: readonly string[];
  /** What of the candidate decides: candidates alike in all of it share the finding. */
  readonly hangsOn: readonly PartPath[];
  /**
   * Why the duty does not raise the question of any valve whatever; null where it may. A rule that has it is
   * examined only in duties that raise it.
   */
  readonly unraised?: ((duty: SettledDuty, house: HouseRules) => string | null) | undefined;
  readonly examine: (judged: Judged) => Outcome;
  /**
   * What a *tight* of it weighs when candidates are ranked: serious where somebody or something may be hurt or let
   * out, mild where a limit is not stated, or it costs money or care. Serious where not given.
   */
  readonly tight?: TightWeight;
}

export type TightWeight = "serious" | "mild";

/** A rule, with the station it acts at. */
export interface Rule extends RuleDefinition, Ruling {
  readonly tight: TightWeight;
}

/**
 * Declares a rule; it keeps the types together and reads the station from the id.
 *
 * @param definition id, question, source, inputs, what it hangs on, when it is raised and how examined
 * @returns the rule
 */
export function rule(of: RuleDefinition): Rule {
  const { id, asks, source, inputs, hangsOn, unraised, examine, tight = "serious" } = of;
  const station = id.slice(0, id.indexOf("/")) as RuleStation;
  // Written out, so that all rules are of one shape: proofs read them thousands of times.
  return { id, station, asks, source, inputs, hangsOn, unraised, examine, tight };
}

/**
 * Declares a rule that the duty alone decides: it says the same of every candidate, so it is said once, and what is
 * *tight* in it counts for none of them.
 *
 * @param of as a rule, examined without a candidate
 * @returns the rule
 */
export function dutyRule(
  of: Omit<RuleDefinition, "hangsOn" | "examine" | "tight"> & {
    readonly id: `duty/${string}`;
    readonly examine: (judged: Pick<Judged, "duty" | "house">) => Outcome;
  },
): Rule {
  return rule({ ...of, hangsOn: [] });
}

const asItStands = "The valve is already installed. Body, seat and seals are taken as they are.";

/**
 * Why a duty does not raise a rule's question of any valve.
 *
 * @param of the rule
 * @param duty settled duty
 * @param house house rules
 * @returns a sentence; null where the question is raised. Of a valve that stands already only torque, drive and
 *   fit-up are asked
 */
export function whyUnraised(
  { station, unraised }: Pick<Rule, "station" | "unraised">,
  duty: SettledDuty,
  house: HouseRules,
): string | null {
  if (duty.stated.onSite === true && (station === "body" || station === "envelope")) return asItStands;
  return unraised?.(duty, house) ?? null;
}

/**
 * Examines a rule, the duty's own reason not to included.
 *
 * @param of the rule
 * @param judged valve, drive, demand, duty and house rules
 * @returns the finding with the rule's name on it
 */
export function examined(of: Rule, judged: Judged): Finding {
  const why = whyUnraised(of, judged.duty, judged.house);
  return why === null ? new Finding(of, of.examine(judged)) : new Finding(of, notAsked(why));
}

/**
 * The verdict of a rule alone, where nobody will read the finding: a search examines thousands.
 *
 * @param of the rule
 * @param judged valve, drive, demand, duty and house rules
 * @returns what `examined` would say
 */
export function verdictOf(of: Rule, judged: Judged): Verdict {
  return whyUnraised(of, judged.duty, judged.house) !== null ? "not asked" : of.examine(judged).verdict;
}

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
  /** Its inputs, for the generated page. */
  readonly inputs: readonly string[];
  /** Parts of the candidate that decide: candidates that share them share the finding. */
  readonly dependsOn: readonly PartPath[];
  /**
   * Why the duty raises the question for no valve at all; null where it may. Such a rule is examined only in duties
   * that raise it.
   */
  readonly notApplicableBecause?: ((duty: SettledDuty, house: HouseRules) => string | null) | undefined;
  readonly examine: (judged: Judged) => Outcome;
  /**
   * Weight of its *tight* in the ranking: serious where somebody may be hurt or something released; mild where a limit
   * is not stated, or it costs money or care. Serious by default.
   */
  readonly tight?: TightWeight;
}

export type TightWeight = "serious" | "mild";

/** A rule, with the station it acts at. */
export interface Rule extends RuleDefinition, Ruling {
  readonly tight: TightWeight;
}

/**
 * Declares a rule; it links the types and reads the station from the id.
 *
 * @param definition id, question, source, inputs, dependencies, when it applies and how it is examined
 * @returns the rule
 */
export function rule(definition: RuleDefinition): Rule {
  const {
    id,
    asks,
    source,
    inputs,
    dependsOn,
    notApplicableBecause,
    examine,
    tight = "serious",
  } = definition;
  const station = id.slice(0, id.indexOf("/")) as RuleStation;
  // Written out so that all rules share one shape: proofs read them thousands of times.
  return { id, station, asks, source, inputs, dependsOn, notApplicableBecause, examine, tight };
}

/**
 * Declares a rule that the duty alone decides. It gives every candidate the same finding, so it is listed once, and its
 * *tight* counts for none of them.
 *
 * @param definition as a rule, examined without a candidate
 * @returns the rule
 */
export function dutyRule(
  definition: Omit<RuleDefinition, "dependsOn" | "examine" | "tight"> & {
    readonly id: `duty/${string}`;
    readonly examine: (judged: Pick<Judged, "duty" | "house">) => Outcome;
  },
): Rule {
  return rule({ ...definition, dependsOn: [] });
}

const asItStands = "The valve is already installed. Body, seat and seals are taken as they are.";

/**
 * Why a duty does not raise a rule's question of any valve.
 *
 * @param of the rule
 * @param duty settled duty
 * @param house house rules
 * @returns a sentence; null where the rule applies. For an installed valve only torque, actuation and fit-up are asked
 */
export function whyUnraised(
  { station, notApplicableBecause }: Pick<Rule, "station" | "notApplicableBecause">,
  duty: SettledDuty,
  house: HouseRules,
): string | null {
  if (duty.stated.onSite === true && (station === "body" || station === "envelope")) return asItStands;
  return notApplicableBecause?.(duty, house) ?? null;
}

/**
 * Examines a rule, the duty's own reason not to included.
 *
 * @param rule the rule
 * @param judged valve, drive, demand, duty and house rules
 * @returns the finding with the rule's name on it
 */
export function examined(rule: Rule, judged: Judged): Finding {
  const why = whyUnraised(rule, judged.duty, judged.house);
  return why === null ? new Finding(rule, rule.examine(judged)) : new Finding(rule, notAsked(why));
}

/**
 * The verdict of a rule without its finding: a search examines thousands.
 *
 * @param rule the rule
 * @param judged valve, drive, demand, duty and house rules
 * @returns the verdict of `examined`
 */
export function verdictOf(rule: Rule, judged: Judged): Verdict {
  return whyUnraised(rule, judged.duty, judged.house) !== null ? "not asked" : rule.examine(judged).verdict;
}

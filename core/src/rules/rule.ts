import type { Drive, SuppliedDrive } from "../catalogue/drive.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import type { Finding, Outcome, RuleStation } from "./finding.ts";

/** What a rule looks at. A bare-stem candidate has no drive. */
export interface Judged {
  readonly valve: Valve;
  readonly drive: Drive | null;
  /** The drive at the duty's lowest and highest supply; null with no drive. */
  readonly supplied: SuppliedDrive | null;
  /** Names what of the valve loads a drive, together with the drive. */
  readonly pairKey: string;
  readonly demand: TorqueDemand;
  readonly duty: SettledDuty;
  readonly house: HouseRules;
}

/** One judgement: its question, its source and how it is examined. */
export interface Rule {
  readonly id: `${RuleStation}/${string}`;
  readonly asks: string;
  readonly source: string;
  /** Inputs it looks at, for the generated page. */
  readonly inputs: readonly string[];
  /**
   * What of the candidate decides. Candidates with equal keys under one duty share the finding, so
   * that a thousand candidates do not examine the same seat a thousand times.
   */
  readonly sharedBy: (judged: Judged) => string;
  readonly examine: (judged: Judged) => Outcome;
}

/**
 * Declares a rule; it only keeps the types together.
 *
 * @param definition id, question, source, inputs, sharing and examination
 * @returns the same definition
 * @throws never
 * @source none: declaration only
 * @example rule({ id: "body/x", asks: "", source: "", inputs: [], sharedBy: () => "", examine }).id // → "body/x"
 */
export function rule(definition: Rule): Rule {
  return definition;
}

/**
 * Joins a rule's metadata with what examining it gave.
 *
 * @param of the rule
 * @param outcome what `examine` returned
 * @returns the finding as proofs carry it
 * @throws never
 * @source none: a change of shape only
 * @example findingOf(someRule, holdsPlain("fits")).verdict
 */
export function findingOf(of: Rule, outcome: Outcome): Finding {
  const station = of.id.slice(0, of.id.indexOf("/")) as RuleStation;
  return { rule: of.id, station, asks: of.asks, source: of.source, ...outcome };
}

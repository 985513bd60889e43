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

/** Parts a candidate is put together from. A rule that looks at several hangs on the whole valve. */
export type RulePart = "size, seat and drive" | "body" | "trim" | "seals" | "the whole valve";

/** One judgement: its question, its source and how it is examined. */
export interface Rule {
  readonly id: `${RuleStation}/${string}`;
  readonly asks: string;
  readonly source: string;
  /** Inputs it looks at, for the generated page. */
  readonly inputs: readonly string[];
  /** Which part of the candidate it looks at; candidates with the same part share its findings as a block. */
  readonly hangsOn: RulePart;
  /**
   * What of that part decides. Candidates with equal keys under one duty share the finding, so
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
 * @example rule({ id: "body/x", asks: "", source: "", inputs: [], hangsOn: "body", sharedBy: () => "", examine }).id // → "body/x"
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
  return {
    rule: of.id,
    station,
    asks: of.asks,
    source: of.source,
    verdict: outcome.verdict,
    value: outcome.value,
    limit: outcome.limit,
    sense: outcome.sense,
    unit: outcome.unit,
    margin: outcome.margin,
    marginUnit: outcome.marginUnit,
    marginWanted: outcome.marginWanted,
    caseId: outcome.caseId,
    caseName: outcome.caseName,
    says: outcome.says,
    remedy: outcome.remedy,
    missing: outcome.missing,
    uses: outcome.uses,
    byCase: outcome.byCase,
  };
}

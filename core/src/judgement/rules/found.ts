import type { Unit } from "../../basis/units/unit.ts";
import type { CaseResult, RuleStation, Sense, Used, Verdict } from "./finding.ts";
import type {
  MeasuredOutcome,
  Outcome,
  UnaskedOutcome,
  WaitingOutcome,
  WordedOutcome,
} from "./outcome-kinds.ts";

/** What a finding takes over from its rule. */
export interface Ruling {
  readonly id: `${RuleStation}/${string}`;
  readonly station: RuleStation;
  readonly asks: string;
  readonly source: string;
}

/**
 * A rule's outcome with the rule's name. Proofs create thousands and read verdict and margin of each; everything else
 * is looked up when it is read. Outcomes may be shared and never change.
 */
export class Finding {
  readonly by: Ruling;
  readonly outcome: Outcome;
  readonly verdict: Verdict;
  #uses: readonly Used[] | null = null;

  constructor(by: Ruling, outcome: Outcome) {
    this.by = by;
    this.outcome = outcome;
    this.verdict = outcome.verdict;
  }

  get rule(): string {
    return this.by.id;
  }

  get station(): RuleStation {
    return this.by.station;
  }

  get asks(): string {
    return this.by.asks;
  }

  get source(): string {
    return this.by.source;
  }

  get says(): string {
    return this.outcome.says;
  }

  get byCase(): readonly CaseResult[] {
    return this.outcome.byCase;
  }

  get uses(): readonly Used[] {
    this.#uses ??= this.outcome.uses();
    return this.#uses;
  }

  /** Margin to a limit; null where the outcome measures none. */
  get margin(): number | null {
    return this.outcome.kind === "measured" ? this.outcome.margin : null;
  }

  get value(): Figures["value"] {
    return figuresOf(this).value;
  }

  get limit(): Figures["limit"] {
    return figuresOf(this).limit;
  }

  get sense(): Figures["sense"] {
    return figuresOf(this).sense;
  }

  get unit(): Figures["unit"] {
    return figuresOf(this).unit;
  }

  get caseName(): string | null {
    return figuresOf(this).caseName;
  }

  get remedy(): string | null {
    return figuresOf(this).remedy;
  }

  /** The input a *cannot tell* waits for. */
  get missing(): string | null {
    return this.outcome.kind === "waits for" ? this.outcome.missing : null;
  }

  /** Plain data for storage or for another thread. */
  toJSON(): FindingDescription {
    const { rule, station, asks, source, uses } = this;
    return { rule, station, asks, source, uses, ...describedOutcome(this.outcome) };
  }
}

/** A finding as documents, the API and other threads carry it: inputs listed, nothing to compute. */
interface Described {
  readonly rule: string;
  readonly station: RuleStation;
  readonly asks: string;
  readonly source: string;
  readonly uses: readonly Used[];
}

type DescribedOutcome<Of extends Outcome, Key extends keyof Of> = Readonly<
  Pick<Of, Key | "kind" | "verdict" | "says" | "byCase">
>;
const comparing = ["value", "limit", "sense", "unit", "caseId", "caseName", "remedy", "decides"] as const;
type Comparing = (typeof comparing)[number];
type DescribedMeasured = DescribedOutcome<
  MeasuredOutcome,
  Comparing | "margin" | "marginUnit" | "marginWanted"
>;
type DescribedWorded = DescribedOutcome<WordedOutcome, Comparing>;
type DescribedWaiting = DescribedOutcome<
  WaitingOutcome,
  "missing" | "value" | "limit" | "unit" | "caseId" | "caseName"
>;
type DescribedUnasked = DescribedOutcome<UnaskedOutcome, never>;

export type FindingDescription = Described &
  (DescribedMeasured | DescribedWorded | DescribedWaiting | DescribedUnasked);

// The figures are getters of the outcome, which a spread would leave behind.
const compared = (outcome: Pick<DescribedWorded, Comparing>) =>
  Object.fromEntries(comparing.map((key) => [key, outcome[key]])) as Pick<DescribedWorded, Comparing>;

function describedOutcome(
  outcome: Outcome,
): DescribedMeasured | DescribedWorded | DescribedWaiting | DescribedUnasked {
  const { says, byCase } = outcome;
  switch (outcome.kind) {
    case "measured": {
      const { kind, verdict, margin, marginUnit, marginWanted } = outcome;
      return { kind, verdict, says, ...compared(outcome), margin, marginUnit, marginWanted, byCase };
    }
    case "worded": {
      const { kind, verdict } = outcome;
      return { kind, verdict, says, ...compared(outcome), byCase };
    }
    case "waits for": {
      const { kind, verdict, missing, value, limit, unit, caseId, caseName } = outcome;
      return { kind, verdict, says, missing, value, limit, unit, caseId, caseName, byCase };
    }
    default: {
      const { kind, verdict } = outcome;
      return { kind, verdict, says, byCase };
    }
  }
}

/** The figures of a finding that compares two, for writing them side by side. */
export interface Figures {
  readonly value: number | string | null;
  readonly limit: number | string | null;
  readonly sense: Sense;
  readonly unit: Unit;
  readonly decides: string | null;
  readonly caseName: string | null;
  readonly margin: number | null;
  readonly marginUnit: "%" | "K" | null;
  readonly remedy: string | null;
}

/**
 * Value and limit of a finding as text, whatever its kind.
 *
 * @param finding a finding or its description
 * @returns value, limit, sense, unit, case and margin; nulls where its kind has none
 */
export function figuresOf(finding: Finding | FindingDescription): Figures {
  const outcome = finding instanceof Finding ? finding.outcome : finding;
  switch (outcome.kind) {
    case "measured":
      return { ...compared(outcome), margin: outcome.margin, marginUnit: outcome.marginUnit };
    case "worded":
      return { ...compared(outcome), margin: null, marginUnit: null };
    case "waits for": {
      const { value, limit, unit, caseName } = outcome;
      return { ...unfigured, value, limit, unit, caseName };
    }
    default:
      return unfigured;
  }
}

const unfigured: Figures = {
  value: null,
  limit: null,
  sense: "is",
  unit: "",
  decides: null,
  caseName: null,
  margin: null,
  marginUnit: null,
  remedy: null,
};

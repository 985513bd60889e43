import type { CaseResult, Finding, Outcome, RuleStation, Used, Verdict } from "./finding.ts";

const none: readonly never[] = [];

/** What a finding takes over of the rule that made it. */
export interface Ruling {
  readonly id: `${RuleStation}/${string}`;
  readonly station: RuleStation;
  readonly asks: string;
  readonly source: string;
}

/** How much of a limit is left. */
export interface InHand {
  /** Fraction of the value for pressures and torques, kelvin for temperatures; null where there is none. */
  readonly margin: number | null;
  readonly unit: "%" | "K";
  /** False where the limit already holds its own margin, so that standing close to it means nothing. */
  readonly wanted: boolean;
}

/** What may be said of an outcome besides its verdict and margin. */
export interface Remarks {
  readonly value?: Outcome["value"];
  readonly limit?: Outcome["limit"];
  readonly sense?: Outcome["sense"];
  readonly unit?: Outcome["unit"];
  readonly caseId?: string | null;
  readonly caseName?: string | null;
  /** Kept only where the verdict could be better. */
  readonly remedy?: string | null;
  readonly uses?: readonly Used[] | (() => readonly Used[]);
  readonly byCase?: readonly CaseResult[];
}

/**
 * An outcome, and once a rule has put its name to it, a finding. Proofs make thousands and read verdict and
 * margin of each; everything else is looked up in the rule's remarks when somebody reads it.
 */
export class Found implements Finding {
  readonly verdict: Verdict;
  readonly says: string;
  readonly missing: string | null;
  readonly margin: number | null;
  readonly marginUnit: "%" | "K" | null;
  readonly marginWanted: boolean;
  #by: Ruling | null = null;
  readonly #remarks: Remarks;
  #uses: readonly Used[] | null = null;

  constructor(
    verdict: Verdict,
    says: string,
    remarks: Remarks,
    inHand: InHand | null,
    missing: string | null,
  ) {
    this.verdict = verdict;
    this.says = says;
    this.missing = missing;
    this.margin = inHand === null ? null : inHand.margin;
    this.marginUnit = inHand === null ? null : inHand.unit;
    this.marginWanted = inHand === null ? true : inHand.wanted;
    this.#remarks = remarks;
  }

  /** Puts the rule's name to it; to a copy where another rule has put its own. */
  ruledBy(by: Ruling): Found {
    if (this.#by !== null && this.#by !== by) {
      const inHand =
        this.marginUnit === null
          ? null
          : { margin: this.margin, unit: this.marginUnit, wanted: this.marginWanted };
      return new Found(this.verdict, this.says, this.#remarks, inHand, this.missing).ruledBy(by);
    }
    this.#by = by;
    return this;
  }

  get rule(): string {
    return this.#by?.id ?? "";
  }

  get station(): RuleStation {
    return this.#by?.station ?? "body";
  }

  get asks(): string {
    return this.#by?.asks ?? "";
  }

  get source(): string {
    return this.#by?.source ?? "";
  }

  get value(): Finding["value"] {
    return this.#remarks.value ?? null;
  }

  get limit(): Finding["limit"] {
    return this.#remarks.limit ?? null;
  }

  get sense(): Finding["sense"] {
    return this.#remarks.sense ?? "is";
  }

  get unit(): Finding["unit"] {
    return this.#remarks.unit ?? "";
  }

  get caseId(): string | null {
    return this.#remarks.caseId ?? null;
  }

  get caseName(): string | null {
    return this.#remarks.caseName ?? null;
  }

  get remedy(): string | null {
    return this.verdict === "holds" ? null : (this.#remarks.remedy ?? null);
  }

  get byCase(): readonly CaseResult[] {
    return this.#remarks.byCase ?? none;
  }

  get uses(): readonly Used[] {
    if (this.#uses === null) {
      const { uses } = this.#remarks;
      this.#uses = typeof uses === "function" ? uses() : (uses ?? none);
    }
    return this.#uses;
  }

  /** Plain data, fit to be stored or handed to another thread. */
  toJSON(): Finding {
    return {
      rule: this.rule,
      station: this.station,
      asks: this.asks,
      source: this.source,
      verdict: this.verdict,
      value: this.value,
      limit: this.limit,
      sense: this.sense,
      unit: this.unit,
      margin: this.margin,
      marginUnit: this.marginUnit,
      marginWanted: this.marginWanted,
      caseId: this.caseId,
      caseName: this.caseName,
      says: this.says,
      remedy: this.remedy,
      missing: this.missing,
      byCase: this.byCase,
      uses: this.uses,
    };
  }
}

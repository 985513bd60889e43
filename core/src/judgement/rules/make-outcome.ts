import type { Unit } from "../../basis/units/unit.ts";
import type { CaseResult, Sense, Used, Verdict } from "./finding.ts";
import type { MarginInHand, Outcome, Remarks } from "./outcome-kinds.ts";

const none: readonly never[] = [];

/**
 * One shape for all kinds of outcome. A proof creates thousands and reads verdict and margin of each, which is several
 * times faster with one shape than with four. Remarks are built only when they are read. Other files see an outcome as
 * its kind.
 */
class AnyOutcome {
  readonly kind: Outcome["kind"];
  readonly verdict: Verdict;
  readonly says: string;
  readonly margin: number | null;
  readonly marginUnit: "%" | "K" | null;
  readonly marginWanted: boolean;
  readonly wants: number;
  readonly missing: string | null;
  readonly remarks: Remarks;

  constructor(
    kind: Outcome["kind"],
    verdict: Verdict,
    says: string,
    remarks: Remarks,
    margin: MarginInHand | null,
    missing: string | null,
  ) {
    this.kind = kind;
    this.verdict = verdict;
    this.says = says;
    this.margin = margin === null ? null : margin.margin;
    this.marginUnit = margin === null ? null : margin.unit;
    this.wants = margin === null ? 0 : margin.wants;
    this.marginWanted = margin === null || margin.wants > 0;
    this.missing = missing;
    this.remarks = remarks;
  }

  uses(): readonly Used[] {
    const { uses } = this.remarks;
    return typeof uses === "function" ? uses() : (uses ?? none);
  }

  get byCase(): readonly CaseResult[] {
    return this.remarks.byCase ?? none;
  }

  get value(): number | string | null {
    return this.remarks.value ?? null;
  }

  get limit(): number | string | null {
    return this.remarks.limit ?? null;
  }

  get sense(): Sense {
    return this.remarks.sense ?? "is";
  }

  get unit(): Unit {
    return this.remarks.unit ?? "";
  }

  get caseId(): string | null {
    return this.remarks.caseId ?? null;
  }

  get caseName(): string | null {
    return this.remarks.caseName ?? null;
  }

  get remedy(): string | null {
    return this.verdict === "holds" ? null : (this.remarks.remedy ?? null);
  }

  get decides(): string | null {
    return this.remarks.decides ?? null;
  }
}

/** Makes an outcome of a kind. */
export function makeOutcome<Kind extends Outcome>(
  kind: Kind["kind"],
  verdict: Kind["verdict"],
  says: string,
  remarks: Remarks,
  margin: MarginInHand | null = null,
  missing: string | null = null,
): Kind {
  return new AnyOutcome(kind, verdict, says, remarks, margin, missing) as unknown as Kind;
}

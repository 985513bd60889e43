import type { Choice } from "@proven-seat/contract";
import type { Cavity } from "@proven-seat/core/bodies";
import type { BreakingPoint, DutyValue, MapCell } from "@proven-seat/core/breaking";
import type { Missing } from "@proven-seat/core/duty";
import type {
  CandidateDescription,
  DriveDescription,
  Envelope,
  StrokePicture,
  ValveDescription,
} from "@proven-seat/core/proof";
import type { Finding, RuleStation, Verdict } from "@proven-seat/core/rules";
import type { SectionDimensions } from "@proven-seat/core/sections";

export type HeldBy = Pick<
  Finding,
  | "rule"
  | "asks"
  | "verdict"
  | "value"
  | "limit"
  | "sense"
  | "unit"
  | "margin"
  | "marginUnit"
  | "caseName"
  | "says"
>;

/** A row of the candidate table: the best of the valves alike in line, class and seat. */
export interface CandidateRow {
  readonly key: string;
  readonly group: string;
  readonly valve: ValveDescription;
  readonly drive: DriveDescription | null;
  readonly verdict: Verdict;
  readonly heldBy: HeldBy | null;
  readonly leastMargin: number | null;
  readonly breakNm: number | null;
  readonly price: number;
  readonly weightKg: number;
  /** How many more body, trim and seal variants stand behind it. */
  readonly more: number;
}

/** Everything the bench shows of one candidate. */
export interface CandidateDetail {
  readonly candidate: CandidateDescription;
  readonly envelope: Envelope;
  readonly stroke: StrokePicture;
  readonly section: SectionData;
  /** Nobody offers it: judged by construction, for an enquiry. */
  readonly enquiry: boolean;
}

/** What the section of a candidate is drawn from. */
export interface SectionData {
  readonly construction: string;
  readonly dimensions: SectionDimensions;
  readonly dimensionsEstimated: boolean;
  readonly cavity: Cavity;
  readonly differentialBar: number;
  readonly thrustN: number;
  readonly seatLoadN: number;
  readonly parts: readonly { readonly id: string; readonly name: string; readonly does: string }[];
  readonly leakPaths: readonly {
    readonly path: string;
    readonly place: string;
    readonly seals: readonly string[];
  }[];
  readonly strengths: readonly string[];
  readonly limits: readonly string[];
}

/** How one construction fares, in a line. */
export interface ConstructionRow {
  readonly id: string;
  readonly name: string;
  readonly considered: number;
  readonly standing: number;
  /** Best candidate, to take in hand; null where nobody offers one. */
  readonly key: string | null;
  readonly verdict: Verdict;
  readonly fallsOn: HeldBy | null;
}

/** What the rules say of a construction nobody offers; null where it is not built in that size and class. */
export interface EnquiryRow {
  readonly key: string;
  readonly stands: boolean;
  readonly fallsOn: HeldBy | null;
  readonly words: string;
}

/** A value that may move, without the function that moves it. */
export type MovableValue = Omit<DutyValue, "at" | "knots">;
export type { BreakingPoint, MapCell };

export interface NearestMissView {
  readonly key: string;
  readonly line: string;
  readonly seat: string;
  readonly designation: string;
  readonly misses: readonly HeldBy[];
}

/** A proof as the bench needs it at once. */
export interface BenchView {
  readonly missing: readonly Missing[];
  readonly dutyVerdict: Verdict;
  readonly considered: number;
  readonly standing: number;
  readonly rows: readonly CandidateRow[];
  readonly nearestMisses: readonly NearestMissView[];
  readonly chosen: CandidateRow | null;
  /** The chosen valve or drive is no longer a candidate. */
  readonly choiceGone: boolean;
  /** What was asked to be in hand; `inHand` is another when that is no candidate any more. */
  readonly askedFor: string | null;
  readonly inHand: CandidateDetail | null;
  readonly milliseconds: number;
}

/** A tag's proof as the line-up needs it. */
export interface TagSummary {
  readonly duty: Verdict;
  readonly stations: Readonly<Record<RuleStation, Verdict>> | null;
  readonly verdict: Verdict;
  readonly standing: number;
  readonly considered: number;
  readonly heldBy: HeldBy | null;
  readonly missing: readonly string[];
  /** The valve chosen, or the first where none is. */
  readonly valve: { readonly key: string; readonly name: string } | null;
}

export type ChoiceKeys = Pick<Choice, "valve" | "drive">;

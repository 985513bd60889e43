import type { Missing } from "@proven-seat/core/duty";
import type { BreakingPoint, DutyValue, MapCell } from "@proven-seat/core/judgement/breaking";
import type {
  CandidateDescription,
  DriveDescription,
  Envelope,
  FitUpPicture,
  FlowPicture,
  HeldBy,
  SectionData,
  StrokePicture,
  TorquePicture,
  ValveDescription,
} from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";

/** A row of the candidate table: the best of the valves with the same line, class and seat. */
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
  /** Number of further body, trim and seal variants. */
  readonly more: number;
}

/** Everything the bench shows of one candidate. */
export interface CandidateDetail {
  readonly candidate: CandidateDescription;
  readonly envelope: Envelope;
  readonly stroke: StrokePicture;
  readonly torque: TorquePicture;
  readonly fitUp: FitUpPicture;
  readonly flow: FlowPicture;
  readonly section: SectionData;
  /** Nobody offers it: judged by construction. */
  readonly byConstruction: boolean;
  /** The row of the table it belongs to. */
  readonly group: string;
}

/** Result of one construction, in a line. */
export interface ConstructionRow {
  readonly id: string;
  readonly name: string;
  readonly considered: number;
  readonly standing: number;
  readonly cannotTell: number;
  /** Best candidate, to select; null where nobody offers one. */
  readonly key: string | null;
  readonly verdict: Verdict;
  readonly fallsOn: HeldBy | null;
}

/** Findings on a construction that nobody offers; null where it is not built in that size and class. */
export interface ByConstructionRow {
  readonly key: string;
  readonly stands: boolean;
  readonly fallsOn: HeldBy | null;
  readonly words: string;
}

/** A value that may move, without the function that moves it. */
export type MovableValue = Omit<DutyValue, "at" | "knots" | "narrow">;
export type { BreakingPoint, MapCell, SectionData };

export interface NearestMissView {
  readonly key: string;
  readonly line: string;
  readonly seat: string;
  readonly designation: string;
  readonly misses: readonly HeldBy[];
}

/** Values of a proof as a whole. */
export interface ProofOutline {
  readonly missing: readonly Missing[];
  readonly dutyVerdict: Verdict;
  readonly considered: number;
  /** Candidates without a *fails*. */
  readonly standing: number;
  /** Those of `standing` with a *cannot tell*. */
  readonly cannotTell: number;
  readonly nearestMisses: readonly NearestMissView[];
  readonly milliseconds: number;
}

/** Some rows of the candidate table, and how many there are. */
export interface RowWindow {
  readonly total: number;
  readonly rows: readonly CandidateRow[];
}

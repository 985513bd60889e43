import type { TagRow } from "@proven-seat/contract";
import type { OperatingCase } from "@proven-seat/core/duty";
import type { TagMarks } from "@proven-seat/core/judgement/proof";
import type { RuleStation, Verdict } from "@proven-seat/core/judgement/rules";
import type { ComponentType } from "react";
import type { Tab } from "../lists/tab.ts";
import type { PaperState } from "../parts/paper-mark.tsx";
import type { ShortcutKey } from "../parts/shortcut-keys.ts";
import type { ReadingUnits } from "../parts/verdict-words.ts";
import type { BenchView } from "../workers/bench-view.ts";
import type { CandidateDetail } from "../workers/views.ts";

/** The newest issued sheet, and whether it still agrees with the tag. */
export interface IssuedState {
  readonly revision: string;
  readonly current: boolean;
}

/** Input of a station's mark and words; the view is null before the first proof. */
export interface OnTheBench {
  readonly view: BenchView | null;
  readonly cases: number;
  readonly chosen: boolean;
  readonly issued: IssuedState | null;
  readonly units: ReadingUnits;
}

export interface PictureProps {
  readonly view: BenchView;
  /** The candidate to draw with the cases it was proved for, a moment after marks and figures are on screen. */
  readonly drawn: {
    readonly detail: CandidateDetail | null;
    readonly cases: readonly OperatingCase[];
    readonly verdicts: Readonly<Record<string, Verdict>>;
  };
  readonly onOverride: () => void;
}

export interface StationCommand {
  readonly name: string;
  /** It acts at every station of the bench. */
  readonly key?: ShortcutKey;
  readonly act: () => void;
}

/**
 * A station of the work. Everything that lists stations is derived from these: the line, the line-up's
 * columns and filter, the groups of findings, shortcuts, commands and addresses.
 */
export interface Station {
  /** As in the address. */
  readonly id: string;
  readonly name: string;
  /** Its place on the line; stations are in rising order. */
  readonly place: number;
  /** The rules whose findings belong to it. */
  readonly findings: RuleStation | null;
  readonly verdict: (bench: OnTheBench) => Verdict;
  /** The few words under the name. */
  readonly says: (bench: OnTheBench) => string;
  /** Replaces the verdict, where the station's state is a state of paper. */
  readonly paper?: (bench: OnTheBench) => PaperState;
  /** Its column in the line-up; null where it has none. */
  readonly lineUp: {
    readonly heading: string;
    /** Null while the tag is not proved yet. */
    readonly verdict: (row: TagRow, marks: TagMarks | null) => Verdict | null;
    /** Replaces the mark. */
    readonly text?: (row: TagRow) => string | null;
  } | null;
  readonly Picture: ComponentType<PictureProps>;
  /** Lists below the picture; without lists the picture has all the room. */
  readonly tabs: readonly Tab[];
  readonly commands?: readonly StationCommand[];
}

import type { Assembly } from "../../../construction/bodies/assembly/model.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { CauseKind, LeakPlace } from "./causes.ts";

/** A check that tells causes apart: an inspection, a trial or a measurement. */
export interface Check {
  readonly id: string;
  readonly place: LeakPlace;
  readonly asks: string;
  readonly answers: readonly string[];
  /** Time it takes, minutes. */
  readonly effortMin: number;
  /** 0 none, 3 a person may be injured if it is done wrong. */
  readonly risk: 0 | 1 | 2 | 3;
  readonly caution: string | null;
  /** Chance of each answer where a kind of cause is it; of other kinds as `otherwise`. */
  readonly chances: Partial<Record<CauseKind, readonly number[]>>;
  readonly otherwise: readonly number[];
  /** Whether the valve can be checked in this way. */
  readonly made: (subject: { readonly valve: Valve; readonly assembly: Assembly }) => boolean;
}

/** For checks that suit every valve. */
export const always = (): boolean => true;

/**
 * Whether a valve has the part that a check needs.
 *
 * @param id of a piece
 * @returns a test of a valve
 */
export const hasPiece =
  (id: string) =>
  ({ assembly }: { readonly assembly: Assembly }): boolean =>
    assembly.pieces.some((piece) => piece.id === id);

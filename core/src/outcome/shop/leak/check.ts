import type { Assembly } from "../../../construction/bodies/assembly/model.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { CauseKind, LeakPlace } from "./causes.ts";

/** Something that is looked at, tried or measured to tell causes apart. */
export interface Check {
  readonly id: string;
  readonly place: LeakPlace;
  readonly asks: string;
  readonly answers: readonly string[];
  /** Minutes it takes, about. */
  readonly effortMin: number;
  /** 0 none, 3 somebody may be hurt who does it wrong. */
  readonly risk: 0 | 1 | 2 | 3;
  readonly caution: string | null;
  /** Chance of each answer where a kind of cause is it; of other kinds as `otherwise`. */
  readonly chances: Partial<Record<CauseKind, readonly number[]>>;
  readonly otherwise: readonly number[];
  /** Whether the valve is made for it. */
  readonly made: (of: { readonly valve: Valve; readonly assembly: Assembly }) => boolean;
}

/** Of checks every valve can be put to. */
export const always = (): boolean => true;

/**
 * Whether a valve has what a check needs.
 *
 * @param id of a piece
 * @returns whether the valve it is asked of has one
 */
export const hasPiece =
  (id: string) =>
  ({ assembly }: { readonly assembly: Assembly }): boolean =>
    assembly.pieces.some((piece) => piece.id === id);

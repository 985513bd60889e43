import type { Curve } from "../../../basis/reference/curve.ts";

/** Parts that may be the weak link of an assembly. */
export type LimitedPart =
  | "body"
  | "ends"
  | "seat"
  | "seat ring seal"
  | "packing"
  | "gasket"
  | "bolting"
  | "jacket";

/**
 * Limits of one part: pressure over temperature where it has a curve, and its temperature range. The rules judge by it
 * and the envelope chart draws it.
 */
export interface PartLimit {
  readonly part: LimitedPart;
  readonly name: string;
  /** bar g; for a seat, bar of differential with the far side vented. Null where only temperature limits it. */
  readonly curve: Curve | null;
  readonly fromC: number;
  /** Highest it may stay at. */
  readonly toC: number;
  /** Highest it may pass through; the same as `toC` where no excursion is allowed. */
  readonly excursionC: number;
  /** What ends the range where that is not the part itself, for example steam. */
  readonly because: string | null;
}

/** A part that only temperature limits, and that allows no excursion. */
export const byTemperature = (
  part: LimitedPart,
  name: string,
  range: { readonly minimumC: number; readonly maximumC: number },
): PartLimit => ({
  part,
  name,
  curve: null,
  fromC: range.minimumC,
  toC: range.maximumC,
  excursionC: range.maximumC,
  because: null,
});

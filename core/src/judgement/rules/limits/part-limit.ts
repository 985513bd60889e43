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
 * What one part holds: pressure against temperature where it has a curve, and the temperatures it ends at. The
 * rules judge by it and the envelope draws it.
 */
export interface PartLimit {
  readonly part: LimitedPart;
  readonly name: string;
  /** bar g; for a seat, bar of differential with the far side vented. Null where temperature alone limits it. */
  readonly curve: Curve | null;
  readonly fromC: number;
  /** Highest it may stay at. */
  readonly toC: number;
  /** Highest it may pass through; the same as `toC` where no excursion is allowed. */
  readonly excursionC: number;
  /** What ends it where that is not the part itself, for example steam. */
  readonly because: string | null;
}

/** A part that temperature alone limits, and that allows no excursion. */
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

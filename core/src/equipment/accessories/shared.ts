import { positive } from "../drives/shared-schema.ts";
import type { Refusal } from "./kind.ts";

/** Highest air pressure of a part, bar g. */
export const ofAir = { maximumAirBarG: positive };

/**
 * Whether a part withstands the air pressure of a duty.
 *
 * @param item with its rating, bar g
 * @param duty highest air, bar g
 * @returns why not; null where it does
 * @example standsAir({ maximumAirBarG: 8 }, { airMaximumBarG: 10 }).why // → "is rated below the highest air pressure"
 */
export const standsAir = (
  { maximumAirBarG }: { readonly maximumAirBarG: number },
  { airMaximumBarG: air }: { readonly airMaximumBarG: number },
): Refusal | null =>
  air <= maximumAirBarG ? null : { why: "is rated below the highest air pressure", unknown: false };

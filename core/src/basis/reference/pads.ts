import { iso5211Flanges } from "./tables/iso-5211-flanges.ts";

/** An ISO 5211 mounting pad. */
export interface Pad {
  readonly flange: string;
  readonly pitchCircleDiameterMm: number;
  readonly bolt: string;
  readonly boltCount: number;
  readonly maximumTorqueNm: number;
}

/** Pads from the smallest to the largest. */
export const pads: readonly Pad[] = iso5211Flanges.rows.map((row) => ({
  flange: row[0] as string,
  pitchCircleDiameterMm: row[1] as number,
  bolt: row[2] as string,
  boltCount: row[3] as number,
  maximumTorqueNm: row[4] as number,
}));

const byFlange = new Map(pads.map((pad) => [pad.flange, pad]));

/**
 * A mounting pad by its designation.
 *
 * @param flange "F03" … "F60"
 * @returns the pad, or undefined when ISO 5211 has no such flange
 * @source ISO 5211 (indicative)
 * @example padOf("F10").maximumTorqueNm // → 500
 */
export function padOf(flange: string): Pad | undefined {
  return byFlange.get(flange);
}

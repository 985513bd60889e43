/** Ends of stems and bores of drives the demo shelf states: invented, in usual proportion to stem and flange. */

import { padOf } from "@proven-seat/core/basis/reference";
import {
  type DriveEnd,
  type DriveOutside,
  keysCarryNm,
  type StemEnd,
} from "@proven-seat/core/construction/ends";
import { threeFigures } from "./geometry.ts";

const squares = [9, 11, 14, 17, 19, 22, 27, 36, 46, 55, 75];

/** Pressure on a key and shear in it stay below usual limits. */
const keyMPa = 300;

/**
 * Square up to a stem of 63 mm; above, two keys where they carry the stem's torque, teeth elsewhere; a flat head where
 * a line states it.
 */
export function stemEndOf(stemMm: number, maximumNm: number, flatHead: boolean): StemEnd {
  if (stemMm > 63) {
    const heightMm = threeFigures(1.8 * stemMm);
    const keyed = keysCarryNm(2, stemMm, heightMm, keyMPa)! >= maximumNm;
    return keyed
      ? { form: "keyed", acrossMm: stemMm, heightMm, flats: "along the bore", keys: 2 }
      : { form: "serrated", acrossMm: stemMm, heightMm: threeFigures(1.2 * stemMm), flats: null, keys: null };
  }
  const acrossMm = squares.filter((s) => s <= 0.85 * stemMm).at(-1) ?? squares[0]!;
  return {
    form: flatHead ? "flat head" : "square parallel",
    acrossMm,
    heightMm: threeFigures(1.05 * acrossMm),
    flats: flatHead ? "along the bore" : null,
    keys: null,
  };
}

const starOf: Readonly<Record<string, number>> = {
  F03: 9,
  F04: 11,
  F05: 14,
  F07: 17,
  F10: 22,
  F12: 27,
  F14: 36,
  F16: 46,
  F25: 55,
  F30: 75,
};

/** Octagon up to F30 for cast parts; a blank to be machined for larger ones. */
export function driveEndOf(kind: string, flange: string): DriveEnd {
  const star = starOf[flange];
  if (star !== undefined && (kind === "rack-and-pinion" || kind === "vane"))
    return { form: "double square", acrossMm: star, depthMm: threeFigures(1.25 * star) };
  const acrossMm = Math.round(0.62 * padOf(flange)!.pitchCircleDiameterMm);
  return { form: "blank insert", acrossMm, depthMm: threeFigures(1.3 * acrossMm) };
}

/** A block of its weight, as light as drives are: twice as long as it is wide. */
export function outsideOf(weightKg: number): DriveOutside {
  const side = 78 * weightKg ** (1 / 3);
  return {
    lengthMm: threeFigures(2.2 * side),
    widthMm: threeFigures(side),
    heightMm: threeFigures(1.1 * side),
    centreMm: threeFigures(0.5 * side),
  };
}

const flanges = Object.keys(starOf);

/**
 * The second bolt circle: cast actuators are drilled for the next smaller flange, machined ones for the next larger.
 */
export function alsoFlangeOf(kind: string, flange: string): string | null {
  const index = flanges.indexOf(flange);
  if (index < 0 || kind === "lever") return null;
  return flanges[kind === "rack-and-pinion" || kind === "vane" ? index - 1 : index + 1] ?? null;
}

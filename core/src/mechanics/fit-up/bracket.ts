import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Pad } from "../../basis/reference/pads.ts";
import type { Made } from "../../equipment/accessories/stock.ts";

/** A bracket of two plates and two legs between the pad of a valve and the flange of a drive. */
export interface Bracket {
  readonly lower: Pad;
  readonly upper: Pad;
  /** From the valve's mounting pad to the actuator flange. */
  readonly heightMm: number;
  /** Plates are square; the legs are at two sides, as wide as the plates. */
  readonly plateWidthMm: number;
  readonly plateMm: number;
  readonly legMm: number;
  /** Hole in the lower plate for the stem, in the upper for the coupling. */
  readonly lowerHoleMm: number;
  readonly upperHoleMm: number;
  readonly weightKg: number;
  /** Torque about the stem that its legs carry besides the weight on them. */
  readonly carriesNm: number;
  /** Standard part; null where it is made to order. */
  readonly made: Made | null;
}

const plates = [5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100];
const steelKgPerMm3 = 7.9e-6;
const tens = (mm: number) => Math.ceil(mm / 10) * 10;

/**
 * Thread of a pad in millimetres.
 *
 * @param pad ISO 5211 pad
 * @returns mm
 * @example threadMm(padOf("F16")) // → 20
 */
export const threadMm = ({ bolt }: Pad): number => Number(bolt.slice(1));

/** Torque two legs carry: each bends sideways between the plates, both ends held: M = T/w·h/2 on t·b²/6. */
const legsCarryNm = (legMm: number, widthMm: number, heightMm: number, allowedMPa: number) =>
  (2 * ((legMm * widthMm ** 2) / 6) * allowedMPa * (widthMm - legMm)) / heightMm / 1000;

/** Load on a bracket across the stem: force, and its height above the upper plate. */
export interface Hung {
  readonly forceN: number;
  readonly centreMm: number;
}

/**
 * Stress of a load on two legs, in the worse direction. Along the plates each leg bends over its width; across them one
 * is in tension and one in compression, and both sway with fixed ends: V/2·h/2 on b·t²/6.
 */
function stressOfWeight(
  { forceN, centreMm }: Hung,
  legMm: number,
  widthMm: number,
  heightMm: number,
): number {
  const momentNmm = forceN * (heightMm + centreMm);
  const along = momentNmm / (2 * ((legMm * widthMm ** 2) / 6));
  const across =
    momentNmm / ((widthMm - legMm) * widthMm * legMm) +
    (forceN * heightMm) / 4 / ((widthMm * legMm ** 2) / 6);
  return Math.max(along, across);
}

/**
 * Torque about the stem that two legs carry besides the load.
 *
 * @param of thickness of its legs, width and height, mm
 * @param hung load on the bracket, N and mm
 * @param house yield strength of its steel, usable share
 * @returns N·m
 * @source `legsCarryNm` with what the weight leaves of the stress allowed
 */
export function legsCarry(
  { legMm, plateWidthMm, heightMm }: Pick<Bracket, "legMm" | "plateWidthMm" | "heightMm">,
  hung: Hung,
  house: HouseRules,
): number {
  const allowed = (house.stressSharePercent / 100) * house.bracketYieldMPa;
  const left = Math.max(0, allowed - stressOfWeight(hung, legMm, plateWidthMm, heightMm));
  return legsCarryNm(legMm, plateWidthMm, heightMm, left);
}

/**
 * A bracket drawn for a valve and a drive.
 *
 * @param between pad of the valve, flange of the actuator, least height, mm, and the outside of the coupling, mm
 * @param hung load on the bracket across the stem, N and mm
 * @param peakNm torque about the stem, N·m
 * @param house yield strength of its steel, usable share
 * @returns the thinnest legs that carry the peak, or the strongest there is room for; height on the next ten millimetres, with
 *   room for a wrench between the plates
 * @source bending of two legs held at both ends, T = 2·(t·b²/6)·σ·w/h, with what the weight leaves of σ; wrench and washer take 4 d above a screw
 * @example bracketFor({ lower: padOf("F07"), upper: padOf("F10"), leastHeightMm: 52, turningMm: 40 }, { forceN: 50, centreMm: 60 }, 200, defaultHouseRules()).heightMm // → 90
 */
export function bracketFor(
  between: {
    readonly lower: Pad;
    readonly upper: Pad;
    readonly leastHeightMm: number;
    readonly turningMm: number;
  },
  hung: Hung,
  peakNm: number,
  house: HouseRules,
): Bracket {
  const { lower, upper, leastHeightMm, turningMm } = between;
  const wider = Math.max(lower.pitchCircleDiameterMm, upper.pitchCircleDiameterMm);
  const widest = Math.max(threadMm(lower), threadMm(upper));
  const plateWidthMm = tens(wider + 3.5 * widest);
  const made = (mm: number) => {
    const heightMm = tens(Math.max(leastHeightMm, 2 * mm + 4 * (threadMm(lower) + threadMm(upper))));
    return { mm, heightMm, carriesNm: legsCarry({ legMm: mm, plateWidthMm, heightMm }, hung, house) };
  };
  // A plate thicker than a quarter of its width leaves no room for screws between the legs.
  const sizes = plates.filter((mm) => mm >= 0.5 * widest && mm <= plateWidthMm / 4).map(made);
  const strongest = sizes.reduce((strongest, size) =>
    size.carriesNm > strongest.carriesNm ? size : strongest,
  );
  const { mm, heightMm, carriesNm } = sizes.find((size) => size.carriesNm >= peakNm) ?? strongest;
  const legs = 2 * mm * plateWidthMm * (heightMm - 2 * mm);
  return {
    lower,
    upper,
    heightMm,
    plateWidthMm,
    plateMm: mm,
    legMm: mm,
    lowerHoleMm: Math.min(turningMm + 4, lower.pitchCircleDiameterMm - 2 * threadMm(lower)),
    upperHoleMm: Math.min(turningMm + 4, upper.pitchCircleDiameterMm - 2 * threadMm(upper)),
    weightKg: (2 * mm * plateWidthMm ** 2 + legs) * steelKgPerMm3,
    carriesNm,
    made: null,
  };
}

/**
 * Stated geometry the demo catalogue is generated from. Proportions are invented but mechanically
 * plausible; torques come from the product's own formulas, so table and mechanics agree.
 */
import { floatingBallTorque, mounting, trunnionBallTorque } from "@proven-seat/core/calc";
import { minimumBoreMm, seatMaterial } from "@proven-seat/core/reference";

const smallBores: Record<number, number> = { 15: 13, 20: 19, 25: 25, 32: 32, 40: 38, 65: 62, 125: 125 };
const stemSizes = [
  10, 12, 14, 16, 18, 20, 22, 25, 28, 32, 36, 40, 45, 50, 56, 63, 70, 80, 90, 100, 110, 125, 140, 160, 180,
  200, 220, 250,
];

/** Differentials a maker would tabulate for a class, bar: the last just covers the cold rating. */
const tabulatedDifferentials: Record<number, number[]> = {
  150: [0, 5, 10, 15, 20],
  300: [0, 10, 20, 35, 52],
  600: [0, 25, 50, 75, 104],
  900: [0, 40, 80, 120, 156],
  1500: [0, 65, 130, 195, 260],
};

const designFriction: Record<string, number> = {
  ptfe: 0.08,
  tfm: 0.08,
  "ptfe-ss": 0.14,
  peek: 0.22,
  "metal-wc": 0.3,
};
/** Seat preload of a floating ball and spring load of a trunnion seat, N per mm of contact circle. */
const linePreload: Record<string, number> = { ptfe: 12, tfm: 14, "ptfe-ss": 18, peek: 26, "metal-wc": 30 };

export const threeFigures = (value: number) => Number(value.toPrecision(3));
export const boreOf = (classNumber: number, dn: number) =>
  minimumBoreMm(classNumber, dn) ?? smallBores[dn] ?? dn;

interface Stem {
  stemDiameterMm: number;
  packingHeightMm: number;
  packingRadialStressMPa: number;
  packingFriction: number;
  thrustWasherMeanDiameterMm: number;
  thrustFriction: number;
}

const stemOf = (stemDiameterMm: number): Stem => ({
  stemDiameterMm,
  packingHeightMm: 1.1 * stemDiameterMm,
  packingRadialStressMPa: 3.2,
  packingFriction: 0.1,
  thrustWasherMeanDiameterMm: 1.3 * stemDiameterMm,
  thrustFriction: 0.08,
});

/** Break torque of a construction at a differential, with a given stem. */
export type BreakTorque = (seat: string, differentialBar: number, stem: Stem) => number;

export const floatingBreak =
  (boreMm: number): BreakTorque =>
  (seat, differentialBar, stem) => {
    const contact = 1.12 * boreMm;
    return floatingBallTorque({
      ballDiameterMm: 1.58 * boreMm,
      seatContactDiameterMm: contact,
      differentialBar,
      seatPreloadN: linePreload[seat]! * Math.PI * contact,
      seatFriction: designFriction[seat]!,
      linePressureBarG: differentialBar,
      ...stem,
    }).totalNm;
  };

export const trunnionBreak =
  (boreMm: number): BreakTorque =>
  (seat, differentialBar, stem) => {
    const contact = 1.1 * boreMm;
    const spring = 0.45 * linePreload[seat]! * Math.PI * contact;
    return trunnionBallTorque({
      ballDiameterMm: 1.55 * boreMm,
      seatContactDiameterMm: contact,
      seatSealDiameterMm: 1.065 * contact,
      seats: [
        { springLoadN: spring, drivingPressureBar: differentialBar },
        { springLoadN: spring, drivingPressureBar: 0 },
      ],
      differentialBar,
      seatFriction: designFriction[seat]!,
      bearingDiameterMm: 0.3 * boreMm,
      bearingFriction: 0.055,
      linePressureBarG: differentialBar,
      ...stem,
    }).totalNm;
  };

/** Double-offset disc: interference line load on the seat ring, bearing load of the disc. */
export const discBreak =
  (boreMm: number): BreakTorque =>
  (seat, differentialBar, stem) => {
    const seating = (designFriction[seat]! * 9 * Math.PI * boreMm * boreMm) / 2 / 1000;
    const thrustN = differentialBar * 0.1 * (Math.PI / 4) * boreMm * boreMm;
    const bearing = (0.07 * thrustN * stem.stemDiameterMm) / 2 / 1000;
    const packing =
      (stem.packingFriction *
        Math.PI *
        stem.stemDiameterMm ** 2 *
        stem.packingHeightMm *
        stem.packingRadialStressMPa) /
      2 /
      1000;
    return seating + bearing + packing;
  };

export interface Sized {
  stemDiameterMm: number;
  maximumStemTorqueNm: number;
  pad: string;
  torque: { differentialBar: number[]; breakToOpenNm: Record<string, number[]> };
}

/** Sizes stem and pad for the worst tabulated torque and tabulates every seat. */
export function sized(
  classNumber: number,
  seats: readonly string[],
  breakTorque: BreakTorque,
  allowableShearMPa: number,
  thinnestStemMm: number,
): Sized {
  const differentials = tabulatedDifferentials[classNumber]!;
  const top = differentials.at(-1)!;
  const strengthOf = (d: number) => (allowableShearMPa * Math.PI * d ** 3) / 16 / 1000;
  const stemDiameterMm =
    stemSizes.find(
      (d) =>
        d >= thinnestStemMm &&
        strengthOf(d) >= 2.1 * Math.max(...seats.map((s) => breakTorque(s, top, stemOf(d)))),
    ) ?? stemSizes.at(-1)!;
  const stem = stemOf(stemDiameterMm);
  const breakToOpenNm = Object.fromEntries(
    seats.map((seat) => [seat, differentials.map((p) => threeFigures(breakTorque(seat, p, stem)))]),
  );
  const worst = Math.max(...Object.values(breakToOpenNm).flat());
  for (const seat of seats) if (!seatMaterial(seat)) throw new Error(`unknown seat ${seat}`);
  return {
    stemDiameterMm,
    maximumStemTorqueNm: threeFigures(strengthOf(stemDiameterMm)),
    pad: mounting({ requiredTorqueNm: Math.min(2.4 * worst, 250000) }).flange,
    torque: { differentialBar: differentials, breakToOpenNm },
  };
}

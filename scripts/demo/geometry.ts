/**
 * Stated geometry the demo catalogue is generated from. Proportions are invented but mechanically
 * plausible; torques come from the product's own formulas, so table and mechanics agree.
 */
import { floatingBallTorque, mounting, trunnionBallTorque } from "@proven-seat/core/basis/calc";
import { minimumBoreMm, seatMaterial } from "@proven-seat/core/basis/reference";

const smallBores: Record<number, number> = { 15: 13, 20: 19, 25: 25, 32: 32, 40: 38, 65: 62, 125: 125 };
const stemSizes = [
  10, 12, 14, 16, 18, 20, 22, 25, 28, 32, 36, 40, 45, 50, 56, 63, 70, 80, 90, 100, 110, 125, 140, 160, 180,
  200, 220, 250,
];

/** Differentials a maker would tabulate, bar: the last just covers the cold rating. */
const tabulatedDifferentials: Record<string, number[]> = {
  "class 150": [0, 5, 10, 15, 20],
  "class 300": [0, 10, 20, 35, 52],
  "class 600": [0, 25, 50, 75, 104],
  "class 900": [0, 40, 80, 120, 156],
  "class 1500": [0, 65, 130, 195, 260],
  "class 2500": [0, 110, 220, 330, 432],
  "PN 16": [0, 4, 8, 12, 16],
  "PN 40": [0, 10, 20, 30, 40],
};

/** Class whose bores a designation is built to. */
export const classLike = (designation: string) =>
  designation.startsWith("PN") ? (designation === "PN 16" ? 150 : 300) : Number(designation.slice(6));

/** Design friction of a seat, and its preload in N for each mm of contact circle. */
const seatFigures: Record<string, { friction: number; preload: number }> = {
  ptfe: { friction: 0.08, preload: 12 },
  rptfe: { friction: 0.1, preload: 14 },
  tfm: { friction: 0.08, preload: 14 },
  "ptfe-cg": { friction: 0.12, preload: 16 },
  "ptfe-ss": { friction: 0.14, preload: 18 },
  pctfe: { friction: 0.18, preload: 22 },
  uhmwpe: { friction: 0.15, preload: 14 },
  pi: { friction: 0.2, preload: 24 },
  peek: { friction: 0.22, preload: 26 },
  "metal-crc": { friction: 0.32, preload: 30 },
  "metal-wc": { friction: 0.3, preload: 30 },
  "metal-stellite": { friction: 0.35, preload: 28 },
  "rubber-epdm": { friction: 0.3, preload: 9 },
  "rubber-nbr": { friction: 0.3, preload: 9 },
};
const figuresOf = (seat: string) => {
  const figures = seatFigures[seat];
  if (!figures || !seatMaterial(seat)) throw new Error(`unknown seat ${seat}`);
  return figures;
};

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

/** Breakaway torque of a construction at a differential, with a given stem. */
export type BreakTorque = (seat: string, differentialBar: number, stem: Stem) => number;

export interface Geometry {
  closureDiameterMm: number;
  seatContactDiameterMm: number;
  seatWidthMm: number;
  seatSealDiameterMm: number | null;
  sealDragN: number;
  seatLoadN: Record<string, number>;
  offsetsMm: [number, number] | null;
}

/** Proportions from which dimensions and torque of a construction follow. */
export interface Proportions {
  /** Dimensions as multiples of the bore. */
  closure: number;
  contact: number;
  /** As a multiple of the contact circle. */
  width: number;
  seal: number | null;
  /** Share of the seat figures' preload that loads one seat. */
  preload: number;
  offsets: [number, number] | null;
  breakOf: (boreMm: number, geometry: Geometry) => BreakTorque;
}

export function geometryOf(boreMm: number, seats: readonly string[], proportions: Proportions): Geometry {
  const contact = proportions.contact * boreMm;
  return {
    closureDiameterMm: threeFigures(proportions.closure * boreMm),
    seatContactDiameterMm: threeFigures(contact),
    seatWidthMm: threeFigures(Math.max(2, proportions.width * contact)),
    seatSealDiameterMm: proportions.seal === null ? null : threeFigures(proportions.seal * contact + 2),
    sealDragN: proportions.seal === null ? 0 : threeFigures(0.5 * Math.PI * contact),
    seatLoadN: Object.fromEntries(
      seats.map((seat) => [
        seat,
        threeFigures(proportions.preload * figuresOf(seat).preload * Math.PI * contact),
      ]),
    ),
    offsetsMm: proportions.offsets && [
      threeFigures(proportions.offsets[0] * boreMm),
      threeFigures(proportions.offsets[1] * boreMm),
    ],
  };
}

export const floatingBreak =
  (share = 1) =>
  (_: number, g: Geometry): BreakTorque =>
  (seat, differentialBar, stem) =>
    share *
    floatingBallTorque({
      ballDiameterMm: g.closureDiameterMm,
      seatContactDiameterMm: g.seatContactDiameterMm,
      differentialBar,
      seatPreloadN: g.seatLoadN[seat]!,
      seatFriction: figuresOf(seat).friction,
      linePressureBarG: differentialBar,
      ...stem,
    }).totalNm;

/** Sliding seats: both live for a full ball, one for a segment; one with clearance does not rub. */
export const trunnionBreak =
  (seats: 1 | 2 = 2, withClearance?: string) =>
  (boreMm: number, g: Geometry): BreakTorque =>
  (seat, differentialBar, stem) =>
    trunnionBallTorque({
      ballDiameterMm: g.closureDiameterMm,
      seatContactDiameterMm: g.seatContactDiameterMm,
      seatSealDiameterMm: g.seatSealDiameterMm!,
      seats: [
        { springLoadN: g.seatLoadN[seat]!, drivingPressureBar: differentialBar },
        { springLoadN: seats === 2 ? g.seatLoadN[seat]! : 0, drivingPressureBar: 0 },
      ],
      differentialBar,
      seatFriction: seat === withClearance ? 0 : figuresOf(seat).friction,
      bearingDiameterMm: 0.3 * boreMm,
      bearingFriction: 0.055,
      linePressureBarG: differentialBar,
      ...stem,
    }).totalNm;

const packingNm = (stem: Stem) =>
  (stem.packingFriction *
    Math.PI *
    stem.stemDiameterMm ** 2 *
    stem.packingHeightMm *
    stem.packingRadialStressMPa) /
  2 /
  1000;

/**
 * Disc on a shaft: interference on the seat ring, bearing load of the disc, and the line's force on a disc whose shaft
 * is beside the middle of the bore.
 */
export const discBreak =
  (seatArm = 1) =>
  (boreMm: number, g: Geometry): BreakTorque =>
  (seat, differentialBar, stem) => {
    const seating = (seatArm * figuresOf(seat).friction * g.seatLoadN[seat]! * boreMm) / 2 / 1000;
    const thrustN = differentialBar * 0.1 * (Math.PI / 4) * boreMm * boreMm;
    const beside = g.offsetsMm === null ? 0 : g.offsetsMm[1];
    return (
      seating +
      (bearingFriction * thrustN * stem.stemDiameterMm) / 2 / 1000 +
      (thrustN * beside) / 1000 +
      packingNm(stem)
    );
  };

const bearingFriction = 0.09;

/**
 * Plug wrapped by sleeve or film: pressed to it all round, and to one side by the line.
 *
 * @param pressedMPa pressure the plug is wrapped with
 * @param easing share of the seat's dry friction a film leaves
 */
export const plugBreak =
  (pressedMPa: number, easing = 1) =>
  (boreMm: number, g: Geometry): BreakTorque =>
  (seat, differentialBar, stem) => {
    const friction = easing * figuresOf(seat).friction;
    const wrappedN = pressedMPa * Math.PI * g.closureDiameterMm * 1.4 * boreMm;
    const thrustN = differentialBar * 0.1 * (Math.PI / 4) * g.seatContactDiameterMm ** 2;
    return (friction * (wrappedN + thrustN) * g.closureDiameterMm) / 2 / 1000 + packingNm(stem);
  };

export interface Sized {
  stemDiameterMm: number;
  maximumStemTorqueNm: number;
  pad: string;
  torque: { differentialBar: number[]; breakToOpenNm: Record<string, number[]> };
}

/** Design torque of stem and pad, over the worst torque of the table. */
export interface Reserve {
  readonly stem: number;
  readonly pad: number;
}

/** Sizes a stem for the worst tabulated torque, a disc's shaft for its thrust as well, and tabulates every seat. */
export function sized(
  designation: string,
  seats: readonly string[],
  breakTorque: BreakTorque,
  allowableShearMPa: number,
  thinnestStemMm: number,
  /** Bore of a disc, whose shaft carries the line's thrust between two bearings; null for others. */
  discMm: number | null,
  reserve: Reserve,
): Sized {
  const differentials = tabulatedDifferentials[designation]!;
  const top = differentials.at(-1)!;
  const strengthOf = (d: number) => (allowableShearMPa * Math.PI * d ** 3) / 16 / 1000;
  // Bending of a shaft held at both ends under a spread load: span/8, with the span as wide as the bore.
  const bendingNm = discMm === null ? 0 : (top * 0.1 * (Math.PI / 4) * discMm ** 3) / 8 / 1000;
  const stemDiameterMm =
    stemSizes.find((d) => {
      const worst = Math.max(...seats.map((s) => breakTorque(s, top, stemOf(d))));
      return d >= thinnestStemMm && strengthOf(d) >= Math.hypot(reserve.stem * worst, bendingNm);
    }) ?? stemSizes.at(-1)!;
  const stem = stemOf(stemDiameterMm);
  const breakToOpenNm = Object.fromEntries(
    seats.map((seat) => [seat, differentials.map((p) => threeFigures(breakTorque(seat, p, stem)))]),
  );
  const worst = Math.max(...Object.values(breakToOpenNm).flat());
  const carries = Math.sqrt(Math.max(0, strengthOf(stemDiameterMm) ** 2 - bendingNm ** 2));
  return {
    stemDiameterMm,
    maximumStemTorqueNm: threeFigures(carries),
    pad: mounting({ requiredTorqueNm: Math.min(reserve.pad * worst, 250000) }).flange,
    torque: { differentialBar: differentials, breakToOpenNm },
  };
}

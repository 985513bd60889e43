import { type Demand, demandPoints, outputAtPoints, weakestPoint } from "../calc/actuator-margin.ts";
import { suppliedDrive } from "../drives/index.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** Torque at start, middle and end of one stroke, N·m. */
export type StrokeTorque = readonly [start: number, run: number, end: number];

/** Demand against output over the stroke, as a picture needs it. */
export interface StrokePicture {
  readonly demand: { readonly opening: StrokeTorque; readonly closing: StrokeTorque } | null;
  /** Demand times the factor applied. */
  readonly needed: { readonly opening: StrokeTorque; readonly closing: StrokeTorque } | null;
  readonly atMinimum: { readonly opening: StrokeTorque; readonly closing: StrokeTorque } | null;
  readonly atMaximum: { readonly opening: StrokeTorque; readonly closing: StrokeTorque } | null;
  /** Where the drive has least over the valve: the first, second or third torque of a stroke. */
  readonly weakest: { readonly stroke: "opening" | "closing"; readonly at: number } | null;
  readonly factor: number;
  readonly stemLimitNm: number;
}

const strokes = (at: Demand, factor = 1) => ({
  opening: [at.breakToOpenNm * factor, at.runToOpenNm * factor, at.endToOpenNm * factor] as const,
  closing: [at.breakToCloseNm * factor, at.runToCloseNm * factor, at.endToCloseNm * factor] as const,
});

function weakestOf(offered: Demand, demand: Demand): StrokePicture["weakest"] {
  const place = demandPoints.indexOf(weakestPoint(offered, demand));
  return { stroke: place < 3 ? "opening" : "closing", at: place % 3 };
}

/**
 * Demand and output of a candidate over both strokes.
 *
 * @param candidate a proven candidate
 * @param duty settled duty with the air supply, bar g
 * @returns torques in N·m at start, run and end; nulls where demand or drive is not there
 * @source the same figures the drive rules examine
 */
export function strokePicture(
  { valve, drive, demand }: Pick<ProvenCandidate, "valve" | "drive" | "demand">,
  duty: SettledDuty,
): StrokePicture {
  const hardest = demand.hardest?.demand ?? null;
  const low = drive && suppliedDrive(drive, duty.airMinimumBarG, duty.airMaximumBarG).output;
  const given = drive && low && outputAtPoints(low, drive.action);
  const high = drive?.outputAtMaximum(duty.airMaximumBarG) ?? null;
  return {
    demand: hardest && strokes(hardest),
    needed: hardest && strokes(hardest, demand.appliedFactor),
    atMinimum: given && strokes(given),
    atMaximum: drive && high && strokes(outputAtPoints(high, drive.action)),
    weakest: given && hardest && weakestOf(given, hardest),
    factor: demand.appliedFactor,
    stemLimitNm: valve.size.maximumStemTorqueNm,
  };
}

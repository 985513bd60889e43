import { type Profile, scaled } from "../../basis/stroke/profile.ts";
import type { Place } from "../../basis/stroke/weakest.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { suppliedDrive } from "../../equipment/drives/supplied.ts";
import { driveLimits } from "../rules/drive/limits.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** Demand against output over the stroke, N·m, as a picture needs it. */
export interface StrokePicture {
  /** The greatest of all cases at every angle. */
  readonly demand: Profile | null;
  /** Demand times the factor applied. */
  readonly needed: Profile | null;
  readonly atMinimum: Profile | null;
  readonly atMaximum: Profile | null;
  /** Where the drive has least over the valve. */
  readonly weakest: Place | null;
  readonly factor: number;
  readonly stemLimitNm: number;
}

/**
 * Demand and output of a candidate over both strokes.
 *
 * @param candidate a proven candidate
 * @param duty settled duty with its supply
 * @returns torques in N·m over the stroke; nulls where demand or drive is not there
 * @source the same figures the drive rules examine
 */
export function strokePicture(
  { valve, drive, demand }: Pick<ProvenCandidate, "valve" | "drive" | "demand">,
  duty: SettledDuty,
): StrokePicture {
  const { covering, appliedFactor } = demand;
  const supplied = drive && suppliedDrive(drive, duty);
  const weakest = supplied && driveLimits(supplied, demand).at;
  return {
    demand: covering,
    needed: covering && scaled(covering, appliedFactor),
    atMinimum: supplied?.lowest ?? null,
    atMaximum: drive?.outputAt(duty, "highest") ?? null,
    weakest: weakest && { stroke: weakest.stroke, degrees: weakest.degrees },
    factor: appliedFactor,
    stemLimitNm: valve.size.maximumStemTorqueNm,
  };
}

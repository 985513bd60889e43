import { padOf } from "../../../basis/reference/pads.ts";
import { type Weakest, weakest } from "../../../basis/stroke/weakest.ts";
import type { SuppliedDrive } from "../../../equipment/drives/supplied.ts";
import type { TorqueDemand } from "../../../mechanics/torque/demand.ts";

/** The numbers a drive is judged by on a valve; the rules and the choice of a drive share them. */
export interface DriveLimits {
  /** Demand where the drive has least over it, times the factor, N·m; null when demand is not known. */
  readonly needsNm: number | null;
  /** Output of the actuator there at the lowest supply, N·m. */
  readonly givesNm: number | null;
  readonly at: Weakest | null;
  /** Greatest demand anywhere times the factor, N·m. */
  readonly mostNm: number | null;
  /** Highest output at the highest supply, N·m. */
  readonly peakNm: number;
}

/**
 * Measures a drive against a valve's demand.
 *
 * @param supplied a drive at its lowest and highest supply
 * @param demand the valve's demand in the duty, N·m
 * @returns demand and output where on either stroke the drive has least over it, and the peak
 * @source every angle of both strokes must turn, in every case
 */
export function driveLimits({ lowest, peakNm }: SuppliedDrive, demand: TorqueDemand): DriveLimits {
  if (!demand.covering) return { needsNm: null, givesNm: null, at: null, mostNm: null, peakNm };
  const weakestAt = weakest(lowest, demand.covering);
  return {
    needsNm: weakestAt.asksNm * demand.appliedFactor,
    givesNm: weakestAt.givesNm,
    at: weakestAt,
    mostNm: demand.mostNm! * demand.appliedFactor,
    peakNm,
  };
}

/**
 * Torque the mounting pad carries.
 *
 * @param flange ISO 5211 designation of a checked catalogue
 * @returns N·m
 * @source ISO 5211 (indicative)
 * @example padLimitNm("F07") // → 250
 */
export function padLimitNm(flange: string): number {
  return padOf(flange)!.maximumTorqueNm;
}

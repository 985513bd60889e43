import { weakestPoint } from "../../calc/actuator-margin.ts";
import type { SuppliedDrive } from "../../drives/index.ts";
import { padOf } from "../../reference/pads.ts";
import type { TorqueDemand } from "../../torque/demand.ts";

/** The numbers a drive is judged by on a valve; the rules and the choice of a drive share them. */
export interface DriveLimits {
  /** Demand at the weakest point times the factor, N·m; null when demand is not known. */
  readonly needsNm: number | null;
  /** What the drive gives at that point at minimum supply, N·m. */
  readonly givesNm: number | null;
  readonly point: string | null;
  /** Highest output at maximum supply, N·m. */
  readonly peakNm: number;
}

/**
 * Measures a drive against a valve's demand.
 *
 * @param supplied a drive at its lowest and highest supply
 * @param demand the valve's demand in the duty, N·m
 * @returns demand and output at the weakest named point, and the peak
 * @source calculation contract, actuator-margin
 */
export function driveLimits(supplied: SuppliedDrive, demand: TorqueDemand): DriveLimits {
  const { offered, peakNm } = supplied;
  if (!demand.hardest) return { needsNm: null, givesNm: null, point: null, peakNm };
  const point = weakestPoint(offered, demand.hardest.demand);
  return {
    needsNm: demand.hardest.demand[point] * demand.appliedFactor,
    givesNm: offered[point],
    point,
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

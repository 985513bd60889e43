import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { SuppliedDrive } from "../../equipment/drives/supplied.ts";
import type { TorqueDemand } from "../../mechanics/torque/demand.ts";
import { driveLimits, padLimitNm } from "../rules/drive/limits.ts";

/**
 * Actuators that act as asked on supply failure; all of them when none does, so that the proof can show what fails.
 *
 * @param drives to pick from
 * @param wanted action on supply loss, null when not stated
 * @returns drives that do it; where nothing is asked, those without a spring
 * @source the duty
 */
export function drivesActing(
  drives: readonly Drive[],
  wanted: Drive["onSupplyLoss"] | null,
): readonly Drive[] {
  const acting = drives.filter((d) => d.onSupplyLoss === (wanted ?? "stays"));
  return acting.length > 0 ? acting : drives;
}

/** Share by which a limit is missed; 0 where it is kept, equality included. */
function missedBy(value: number, limit: number): number {
  return value > limit && value > 0 ? 1 - limit / value : 0;
}

/**
 * Picks the actuator for a valve: the first with the least grave verdict on strength, stem and mounting pad. Where all
 * fail, the one that misses by least.
 *
 * @param drives actuators at their supply, the preferred one first
 * @param valve the valve
 * @param demand its torque demand, N·m
 * @param house torque margin
 * @returns the drive
 * @source the same limits the drive rules examine
 */
export function pickDrive(
  drives: readonly SuppliedDrive[],
  valve: Valve,
  demand: TorqueDemand,
  house: HouseRules,
): SuppliedDrive {
  const stemNm = valve.size.maximumStemTorqueNm;
  const padNm = padLimitNm(valve.size.pad);
  const wanted = house.torqueMargin / 100;
  const mostNm = demand.mostNm === null ? null : demand.mostNm * demand.appliedFactor;
  let close: SuppliedDrive | null = null;
  for (const drive of drives) {
    // Most fail on peak torque or on their weakest point: this is known before the curve is measured.
    if (drive.peakNm > stemNm || drive.peakNm > padNm) continue;
    if (mostNm !== null && drive.mostNm < mostNm) continue;
    const { needsNm, givesNm } = driveLimits(drive, demand);
    if (needsNm === null || givesNm === null || needsNm <= 0) return drive;
    if (mostNm! > padNm || needsNm > givesNm) continue;
    if (givesNm / needsNm - 1 >= wanted) return drive;
    close ??= drive;
  }
  return close ?? nearest(drives, demand, stemNm, padNm);
}

/** Of actuators that all fail, the one that misses by least. */
function nearest(
  drives: readonly SuppliedDrive[],
  demand: TorqueDemand,
  stemNm: number,
  padNm: number,
): SuppliedDrive {
  let best = drives[0]!;
  let least = Number.POSITIVE_INFINITY;
  const mostNm = demand.mostNm === null ? 0 : demand.mostNm * demand.appliedFactor;
  for (const drive of drives) {
    const { peakNm } = drive;
    let shortfall = missedBy(peakNm, stemNm) + missedBy(Math.max(peakNm, mostNm), padNm);
    // The miss by peak is known at once; the curve is computed only where the peak leaves it open.
    if (shortfall >= least - 1e-12) continue;
    const { needsNm, givesNm } = driveLimits(drive, demand);
    if (needsNm !== null && givesNm !== null) shortfall += missedBy(needsNm, givesNm);
    if (shortfall >= least - 1e-12) continue;
    best = drive;
    least = shortfall;
  }
  return best;
}

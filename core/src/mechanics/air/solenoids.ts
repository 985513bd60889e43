import type { SolenoidArrangement } from "../../basis/vocabulary/utilities.ts";
import { solenoidsOf } from "../../equipment/accessories/solenoid-arrangement.ts";

/** Failure rates of one solenoid valve, per hour, and the share several have in common. */
export interface SolenoidRates {
  readonly unseenPerHour: number;
  readonly tripPerHour: number;
  /** Share of failures that affect several at once. */
  readonly commonCause: number;
  /** Hours until a spurious trip is repaired. */
  readonly repairH: number;
}

/** Effect of an arrangement on safety and on spurious trips. */
export interface Solenoids {
  readonly arrangement: SolenoidArrangement;
  /** Probability of failure on demand. */
  readonly failsOnDemand: number;
  /** Spurious trips per year. */
  readonly tripsPerYear: number;
  readonly valves: number;
}

/**
 * Solenoid valves in an arrangement.
 *
 * @param arrangement how many out of how many must vent
 * @param rates undetected failures and spurious trips of one, per hour; common cause and hours to repair
 * @param testH hours between proof tests
 * @returns average probability of failure on demand, and trips a year
 * @source IEC 61508-6, annex B, simplified, with common cause: 1oo1 λT/2; 1oo2 (λT)²/3; 2oo2 λT; 2oo3 (λT)²; trips
 *   λs, 2λs, 2λs²·MTTR, 6λs²·MTTR; an aid
 * @example solenoids("single", { unseenPerHour: 1e-6, tripPerHour: 1e-6, commonCause: 0.05, repairH: 24 }, 8760).failsOnDemand // → 0.00438
 */
export function solenoids(
  arrangement: SolenoidArrangement,
  { unseenPerHour, tripPerHour, commonCause, repairH }: SolenoidRates,
  testH: number,
): Solenoids {
  const once = unseenPerHour * testH;
  const together = (commonCause * once) / 2;
  const alone = ((1 - commonCause) * once) ** 2;
  const both = tripPerHour ** 2 * repairH;
  const [failsOnDemand, tripsPerHour] = {
    single: [once / 2, tripPerHour],
    "1oo2": [alone / 3 + together, 2 * tripPerHour],
    "2oo2": [once, 2 * both + commonCause * tripPerHour],
    "2oo3": [alone + together, 6 * both + commonCause * tripPerHour],
  }[arrangement] as [number, number];
  const { valves } = solenoidsOf[arrangement];
  return { arrangement, failsOnDemand, tripsPerYear: tripsPerHour * 8760, valves };
}

import { padOf } from "../reference/pads.ts";
import type { FaultInFile } from "./fault.ts";
import type { DriveFamily } from "./schema.ts";

/**
 * What of a drive family does not agree with the reference tables or itself.
 *
 * @param family a family of the right shape
 * @returns faults with row and field, one at a time
 * @throws never
 * @source ISO 5211 flanges
 * @example [...driveFaults(family)].length // → 0
 */
export function* driveFaults(family: DriveFamily): Generator<FaultInFile> {
  for (const [i, size] of family.sizes.entries()) {
    if (!padOf(size.flange))
      yield { row: i + 1, field: `sizes.${i}.flange`, reason: `"${size.flange}" is not an ISO 5211 flange` };
    if ("stallTorqueNm" in size && size.stallTorqueNm < size.torqueAtMinimumVoltageNm) {
      yield {
        row: i + 1,
        field: `sizes.${i}.stallTorqueNm`,
        reason: "stall torque is below the torque at minimum voltage",
      };
    }
  }
}

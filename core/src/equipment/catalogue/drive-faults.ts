import { padOf } from "../../basis/reference/pads.ts";
import { type DriveFamily, kindOf } from "../drives/drive-kinds.ts";
import type { FaultInFile } from "./fault.ts";

/**
 * Contradictions of an actuator family with the reference tables or within itself.
 *
 * @param family a family of the right shape
 * @returns faults with row and field, one by one
 * @source ISO 5211 flanges
 */
export function* driveFaults(family: DriveFamily): Generator<FaultInFile> {
  for (const [i, size] of family.sizes.entries()) {
    if (!padOf(size.flange))
      yield { row: i + 1, field: `sizes.${i}.flange`, reason: `"${size.flange}" is not an ISO 5211 flange` };
    if (size.alsoFlange !== null && !padOf(size.alsoFlange))
      yield {
        row: i + 1,
        field: `sizes.${i}.alsoFlange`,
        reason: `"${size.alsoFlange}" is not an ISO 5211 flange`,
      };
    for (const { field, reason } of kindOf(family).faultsOf(size))
      yield { row: i + 1, field: `sizes.${i}.${field}`, reason };
  }
}

import { type Demand, type DriveOutput, outputAtPoints, peakOutputNm } from "../calc/actuator-margin.ts";
import type { Drive } from "./kind.ts";

/** A drive at the supply it will see: what it gives at the lowest, what it can do at the highest. */
export interface SuppliedDrive {
  readonly drive: Drive;
  readonly output: DriveOutput;
  readonly offered: Demand;
  readonly peakNm: number;
}

/**
 * Sets a drive to a supply.
 *
 * @param drive a drive of the catalogue
 * @param airMinimumBarG supply strength is judged at, bar g
 * @param airMaximumBarG supply the stem and the pad are judged at, bar g
 * @returns output at the lowest supply and peak at the highest, N·m
 * @source strength at minimum, safety at maximum supply
 */
export function suppliedDrive(drive: Drive, airMinimumBarG: number, airMaximumBarG: number): SuppliedDrive {
  const output = drive.outputAt(airMinimumBarG);
  return {
    drive,
    output,
    offered: outputAtPoints(output, drive.action),
    peakNm: peakOutputNm(drive.outputAtMaximum(airMaximumBarG)),
  };
}

import { type Profile, peakOf } from "../stroke/index.ts";
import type { Drive, Supplies } from "./kind.ts";

/** A drive at the supply it will see: what it gives at the lowest, what it can do at the highest, N·m. */
export interface SuppliedDrive {
  readonly drive: Drive;
  readonly lowest: Profile;
  readonly peakNm: number;
}

/**
 * Sets a drive to what a duty brings.
 *
 * @param drive a drive of the catalogue
 * @param supplies lowest and highest of every supply
 * @returns output over both strokes at the lowest and the peak of either at the highest
 * @source strength at minimum, safety at maximum supply
 */
export const suppliedDrive = (drive: Drive, supplies: Supplies): SuppliedDrive => ({
  drive,
  lowest: drive.outputAt(supplies, "lowest"),
  peakNm: peakOf(drive.outputAt(supplies, "highest")),
});

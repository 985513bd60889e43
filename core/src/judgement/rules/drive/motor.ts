import type { MotorFamily } from "../../../equipment/drives/by-motor.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";

/**
 * The family of a drive with a motor.
 *
 * @param drive the drive; null for a bare stem
 * @returns what its maker states of the motor; null where it has none
 */
export const motorOf = (drive: Drive | null): MotorFamily | null =>
  drive !== null && kindOf(drive.family).supply === "electric" ? (drive.family as MotorFamily) : null;

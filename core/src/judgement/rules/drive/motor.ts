import type { MotorFamily } from "../../../equipment/drives/by-motor.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { hasMotor } from "../../../equipment/drives/supplies.ts";

/**
 * The family of a drive with a motor.
 *
 * @param drive the drive; null for a bare stem
 * @returns what its maker states of the motor; null where it has none
 */
export const motorOf = (drive: Drive | null): MotorFamily | null =>
  drive !== null && hasMotor(kindOf(drive.family).supply) ? (drive.family as MotorFamily) : null;

import type { MotorFamily } from "../../../equipment/drives/by-motor.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { hasMotor } from "../../../equipment/drives/supplies.ts";

/**
 * The family of a drive with a motor.
 *
 * @param drive the drive; null for a bare stem
 * @returns the motor data its maker states; null where it has no motor
 */
export const motorOf = (drive: Drive | null): MotorFamily | null =>
  drive !== null && hasMotor(kindOf(drive.family).supply) ? (drive.family as MotorFamily) : null;

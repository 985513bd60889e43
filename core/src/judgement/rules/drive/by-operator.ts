import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";

/**
 * Why the rule does not apply to operators other than manual ones.
 *
 * @param duty settled duty; a drive of another kind than it asks for fails by itself
 * @returns the reason; null where it asks for a hand
 */
export const unlessByHand = ({ operator }: SettledDuty): string | null =>
  operator === "by hand" ? null : "The valve has no manual operator.";

/**
 * Why the rule does not apply to operators other than motors.
 *
 * @param duty settled duty; a drive of another kind than it asks for fails by itself
 * @returns the reason; null where it may be a motor
 */
export const unlessByMotor = ({ operator }: SettledDuty): string | null =>
  operator === "electric" || operator === "any" ? null : "The actuator has no electric motor.";

/**
 * Why the rule does not apply to operators other than line-gas ones.
 *
 * @param duty settled duty; a drive of another kind than it asks for fails by itself
 * @returns the reason; null where it asks for gas of the line
 */
export const unlessByLineGas = ({ operator }: SettledDuty): string | null =>
  operator === "line gas" ? null : "The actuator does not use line gas.";

/**
 * Why the rule does not apply to operators that use no air.
 *
 * @param duty settled duty; a drive of another kind than it asks for fails by itself
 * @returns the reason; null where it may run on air
 */
export const unlessOnAir = ({ operator }: SettledDuty): string | null =>
  operator === "pneumatic" || operator === "any" ? null : "The actuator does not use air.";

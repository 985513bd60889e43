import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { SolenoidRates } from "../../../mechanics/air/solenoids.ts";

/**
 * Integrity level a duty asks for.
 *
 * @param duty settled duty
 * @returns 1 to 3; 0 where none is asked for
 * @example safetyLevel({ stated: { integrityLevel: "SIL 2" } }) // → 2
 */
export function safetyLevel({
  stated,
}: {
  readonly stated: Pick<SettledDuty["stated"], "integrityLevel">;
}): number {
  const { integrityLevel } = stated;
  return integrityLevel === null || integrityLevel === "none" ? 0 : Number(integrityLevel.slice(-1));
}

/** Failure rates of one solenoid valve from the house rules, per hour, and the share several have in common. */
export const solenoidRates = (
  house: Pick<
    HouseRules,
    "solenoidDangerousPerHour" | "solenoidTripsPerHour" | "commonCausePercent" | "repairH"
  >,
): SolenoidRates => ({
  unseenPerHour: house.solenoidDangerousPerHour * 1e-9,
  tripPerHour: house.solenoidTripsPerHour * 1e-9,
  commonCause: house.commonCausePercent / 100,
  repairH: house.repairH,
});

import type { HouseRules } from "../../basis/house/house-rules.ts";
import { harmlessChloridesMgL } from "../../duty/fields/fluid/chlorides.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";

/**
 * Why fire rules do not apply to a duty.
 *
 * @param duty settled duty
 * @returns the reason; null where fire-safe is asked for or a fire is among the cases
 * @source the duty
 */
export function noFire(duty: SettledDuty): string | null {
  const asked = duty.fireSafe || duty.cases.some((c) => c.kind === "fire");
  return asked ? null : "The duty does not ask for a fire-safe valve.";
}

/**
 * Why a leak to the outside does not poison anybody.
 *
 * @param duty settled duty
 * @returns the reason; null where the fluid is toxic or lethal
 * @source the hazards in use
 */
export function noPoison(duty: SettledDuty): string | null {
  return duty.hazards.has("lethal") || duty.hazards.has("toxic")
    ? null
    : "The fluid is neither toxic nor lethal.";
}

/**
 * Why a duty is no sour service.
 *
 * @param duty settled duty
 * @param house partial pressure from which a service is sour
 * @returns the reason; null where the service is sour, or its family is and no partial pressure is stated
 * @source ISO 15156 (NACE MR0175)
 */
export function notSour(duty: SettledDuty, house: HouseRules): string | null {
  const { h2sKPa, family } = duty.stated.fluid;
  if (h2sKPa === null && family === "sour hydrocarbon") return null;
  return duty.h2sKPa < house.sourFromKPa
    ? "The H₂S partial pressure is below the threshold of sour service."
    : null;
}

/**
 * Why chlorides do not matter in a duty.
 *
 * @param duty settled duty
 * @returns the reason; null where there are enough to crack an austenitic steel
 * @source common practice (indicative)
 */
export function noChlorides(duty: SettledDuty): string | null {
  return duty.chloridesMgL < harmlessChloridesMgL ? "The stated chlorides are negligible." : null;
}

/**
 * Why hydrogen does not matter in a duty.
 *
 * @param duty settled duty
 * @returns the reason; null where hydrogen is a hazard or the service family
 * @source the duty
 */
export function noHydrogen(duty: SettledDuty): string | null {
  const has =
    duty.hazards.has("hydrogen") ||
    duty.families.has("hydrogen") ||
    (duty.stated.fluid.hydrogenBarA ?? 0) > 0;
  return has ? null : "The fluid contains no stated hydrogen.";
}

/**
 * Why oxygen does not matter in a duty.
 *
 * @param duty settled duty
 * @returns the reason; null where oxygen is a hazard or the service family
 * @source the duty
 */
export function noOxygen(duty: SettledDuty): string | null {
  const has = duty.hazards.has("oxygen") || duty.families.has("oxygen");
  return has ? null : "The fluid contains no stated oxygen.";
}

/**
 * Why no jacket is to be judged.
 *
 * @param duty settled duty
 * @returns the reason; null where a jacket's pressure or temperature is stated
 * @source the duty
 */
export function noJacket(duty: SettledDuty): string | null {
  const { jacketBarG, jacketC } = duty.stated;
  return jacketBarG === null && jacketC === null ? "The duty does not ask for a jacket." : null;
}

/**
 * Why rules on the shut valve do not apply to a duty.
 *
 * @param duty settled duty
 * @returns the reason; null where a case may find it shut, or no case is stated
 * @source the duty
 */
export function neverShut({ cases, shutCases }: SettledDuty): string | null {
  return cases.length > 0 && shutCases.length === 0 ? "The valve is never closed." : null;
}

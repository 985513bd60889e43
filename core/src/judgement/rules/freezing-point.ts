import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { used } from "./inputs.ts";

/** Temperature below which the fluid sets, °C, with the input that names it. */
export interface FreezingPoint {
  readonly c: number;
  readonly use: ReturnType<typeof used>;
}

type Of = Pick<SettledDuty, "stated" | "fluid" | "hazards">;

/**
 * Temperature below which the fluid of a duty sets, as far as it is known.
 *
 * @param duty settled duty
 * @returns the stated one, else the triple point of the substance; null where nothing is known of the fluid
 * @source the duty, else the table of fluids
 */
export function freezingPoint({ stated, fluid }: Of): FreezingPoint | null {
  const { freezingC } = stated.fluid;
  if (freezingC !== null)
    return { c: freezingC, use: used("freezes or crystallises at", freezingC, "entered", "°C") };
  if (fluid === null) return null;
  const { name, triplePointC } = fluid;
  return { c: triplePointC, use: used(`freezing temperature of ${name}`, triplePointC, "reference", "°C") };
}

/**
 * Whether a fluid crystallises and the temperature is not stated. The triple point of a solvent says nothing of what
 * crystallises from it.
 *
 * @param duty settled duty
 * @returns true where the hazard is there, without a stated temperature and without a substance listed with it
 * @source the duty, else the table of fluids
 */
export const setsAtUnknown = ({ stated, fluid, hazards }: Of): boolean =>
  stated.fluid.freezingC === null && hazards.has("crystallises") && !fluid?.hazards.includes("crystallises");

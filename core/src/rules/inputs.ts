import type { SettledCase } from "../duty/settle.ts";
import type { Used } from "./finding.ts";

/**
 * Pressure and temperature of a case as a finding's inputs.
 *
 * @param c a settled case
 * @returns what is known of the two, with origin
 * @throws never
 * @source the duty
 * @example pressureAndTemperature(c).map((u) => u.what)
 */
export function pressureAndTemperature(c: SettledCase): Used[] {
  const used: Used[] = [];
  if (c.pressureBarG !== null)
    used.push({ what: `pressure, ${c.name}`, value: c.pressureBarG, unit: "bar g", origin: "entered" });
  if (c.temperatureC !== null)
    used.push({ what: `temperature, ${c.name}`, value: c.temperatureC, unit: "°C", origin: "entered" });
  return used;
}

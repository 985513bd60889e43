import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";
import { criticalBarA, waterSaturationBarA, waterSaturationC } from "./steam/saturation.ts";
import { borderBarA, steamAt } from "./steam/steam.ts";
import { waterViscosity } from "./steam/viscosity.ts";
import { waterAt } from "./steam/water.ts";

export interface SteamInput {
  readonly pressureBarA: number;
  readonly temperatureC?: number | undefined;
}

export interface SteamProperties {
  readonly phase: "water" | "steam";
  readonly saturationTemperatureC: number | null;
  readonly densityKgM3: number;
  readonly enthalpyKJKg: number;
  readonly soundSpeedMS: number;
  readonly isentropicExponent: number;
  readonly viscosityPaS: number;
}

const range = { leastBarA: 0.00611657, mostBarA: 1000, mostC: 800 } as const;
/** Above this, anything that is not steam is close to the critical point, °C. */
const closeFromC = 350;
/** Above it steam reaches up to the highest pressure, °C. */
const clearFromC = 590;

const outside = (field: string, message: string) => new CalculationError("outside-range", message, field);
const nearCritical = () =>
  new CalculationError(
    "near-critical",
    "Water and steam data are not available this close to the critical point.",
    "pressureBarA",
  );

function phaseAt(pressureBarA: number, temperatureC: number): SteamProperties["phase"] {
  if (temperatureC <= closeFromC)
    // At 0 °C, a hundredth of a kelvin below the triple point, every state in range is water.
    return pressureBarA > (waterSaturationBarA(temperatureC) ?? 0) ? "water" : "steam";
  if (temperatureC <= clearFromC && pressureBarA > borderBarA(temperatureC)) throw nearCritical();
  return "steam";
}

/**
 * Water and steam.
 *
 * @param input `pressureBarA` 0.00611657 to 1000 bar a; `temperatureC` 0 to 800 °C, without it dry saturated steam
 * @returns phase, saturation temperature (null above 220.64 bar a), °C, density, kg/m³, enthalpy, kJ/kg, speed of
 *   sound, m/s, isentropic exponent w²ρ/p, viscosity, Pa·s
 * @throws CalculationError `near-critical`, `outside-range`
 * @source IAPWS R7-97(2012), regions 1, 2 and 4; IAPWS R12-08
 * @example steamProperties({ pressureBarA: 10, temperatureC: 200 }).phase // → "steam"
 */
export function steamProperties({ pressureBarA, temperatureC }: SteamInput): SteamProperties {
  if (!(pressureBarA >= range.leastBarA && pressureBarA <= range.mostBarA))
    throw outside("pressureBarA", `Between ${range.leastBarA} and ${range.mostBarA} bar a.`);
  if (temperatureC !== undefined && !(temperatureC >= 0 && temperatureC <= range.mostC))
    throw outside("temperatureC", `Between 0 and ${range.mostC} °C.`);
  const saturationTemperatureC = waterSaturationC(pressureBarA);
  const celsius = temperatureC ?? saturationTemperatureC;
  if (celsius === null || (temperatureC === undefined && celsius > closeFromC)) throw nearCritical();
  const phase = temperatureC === undefined ? "steam" : phaseAt(pressureBarA, celsius);
  const state = (phase === "water" ? waterAt : steamAt)(pressureBarA, celsius);
  return {
    phase,
    saturationTemperatureC,
    ...state,
    isentropicExponent: (state.soundSpeedMS ** 2 * state.densityKgM3) / (pressureBarA * 1e5),
    viscosityPaS: waterViscosity(celsius, state.densityKgM3),
  };
}

export const steamPropertiesCalculation = calculation({
  name: "steam-properties",
  title: "Water and steam",
  source: `IAPWS-IF97, regions 1, 2 and 4, below ${criticalBarA} bar a saturated; IAPWS R12-08`,
  // States outside the release are refused by the calculation, with its own message.
  schema: () => z.strictObject({ pressureBarA: z.number(), temperatureC: z.number().optional() }),
  compute: steamProperties,
});

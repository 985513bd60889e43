import { atmosphereBar } from "../../basis/units/definitions.ts";

/** Air at 20 °C, with which seats are tested. */
const air = { molarMass: 28.96, viscosityMicroPaS: 18.2 };
/** Differential of the low-pressure gas test, bar. */
const testBar = 5.5;

/** A gas that leaks faster than the air of a test. */
export interface LightGas {
  readonly molarMassKgKmol: number;
  /** At 20 °C, µPa·s. */
  readonly viscosityMicroPaS: number;
}

/**
 * How much more of a gas leaks at its own pressures than air does in the low-pressure test of a seat.
 *
 * @param gas molar mass, kg/kmol, and viscosity, µPa·s
 * @param upstreamBarG bar g > −1
 * @param differentialBar bar > 0
 * @returns ratio of the volumes at atmospheric pressure: the larger of a leak like an orifice and one like a capillary
 * @source orifice: p₁/√M; capillary: (p₁² − p₂²)/η; an estimate that bounds both
 * @example Math.round(lightGasRatio({ molarMassKgKmol: 28.96, viscosityMicroPaS: 18.2 }, 5.5, 5.5)) // → 1
 */
export function lightGasRatio(
  { molarMassKgKmol, viscosityMicroPaS }: LightGas,
  upstreamBarG: number,
  differentialBar: number,
): number {
  const upstream = upstreamBarG + atmosphereBar;
  const downstream = Math.max(0, upstream - differentialBar);
  const tested = testBar + atmosphereBar;
  const orifice = (upstream / tested) * Math.sqrt(air.molarMass / molarMassKgKmol);
  const capillary =
    ((upstream ** 2 - downstream ** 2) / (tested ** 2 - atmosphereBar ** 2)) *
    (air.viscosityMicroPaS / viscosityMicroPaS);
  return Math.max(orifice, capillary);
}

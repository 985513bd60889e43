import type { Fluid } from "../../basis/reference/fluids.ts";

/**
 * Viscosity of a gas at low pressure.
 *
 * @param fluid a service fluid with critical figures and molar mass
 * @param temperatureC °C above absolute zero
 * @returns mPa·s, or null without critical figures
 * @source Lucas 1980, non-polar form, low pressure; dense gas is more viscous than this
 */
export function gasViscosityMPaS(fluid: Fluid, temperatureC: number): number | null {
  if (!fluid.critical || fluid.molarMassKgKmol === null) return null;
  const { temperatureK, pressureBarA } = fluid.critical;
  const tr = (temperatureC + 273.15) / temperatureK;
  const inverse = 0.176 * (temperatureK / (fluid.molarMassKgKmol ** 3 * pressureBarA ** 4)) ** (1 / 6);
  const reduced = 0.807 * tr ** 0.618 - 0.357 * Math.exp(-0.449 * tr) + 0.34 * Math.exp(-4.058 * tr) + 0.018;
  // The method gives micropoise; one micropoise is 1e-4 mPa·s.
  return (reduced / inverse) * 1e-4;
}

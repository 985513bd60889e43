import type { Fluid } from "../../basis/reference/fluids.ts";

const gasConstantBarM3 = 0.0831446261815324;

/**
 * Density of a saturated liquid.
 *
 * @param fluid a service fluid
 * @param temperatureC °C, below the critical temperature for a pure fluid
 * @returns kg/m³; null where neither critical figures nor a density at 15 °C are known, or above critical
 * @source density at 15 °C and thermal expansion where listed; else the modified Rackett equation
 */
export function liquidDensityKgM3(fluid: Fluid, temperatureC: number): number | null {
  // A listed density is nearer than the correlation for the strongly associated fluids it is listed for.
  if (fluid.density15KgM3 !== null)
    return fluid.density15KgM3 / (1 + (fluid.expansionPerK ?? 0) * (temperatureC - 15));
  if (fluid.critical && fluid.molarMassKgKmol !== null && fluid.kind === "pure") {
    const { temperatureK, pressureBarA, rackettZ } = fluid.critical;
    const tr = (temperatureC + 273.15) / temperatureK;
    if (tr >= 1) return null;
    const volume = ((gasConstantBarM3 * temperatureK) / pressureBarA) * rackettZ ** (1 + (1 - tr) ** (2 / 7));
    return fluid.molarMassKgKmol / volume;
  }
  return null;
}

/**
 * Viscosity of a liquid between and beyond two tabulated points.
 *
 * @param fluid a service fluid with viscosity at 20 and 100 °C
 * @param temperatureC °C above absolute zero
 * @returns mPa·s; null without both points
 * @source Andrade 1930: ln μ is linear in 1/T
 */
export function liquidViscosityMPaS(fluid: Fluid, temperatureC: number): number | null {
  if (fluid.viscosity === null || fluid.viscosity.at100 === null) return null;
  const [low, high] = [1 / 293.15, 1 / 373.15];
  const { at20, at100 } = fluid.viscosity;
  const share = (1 / (temperatureC + 273.15) - low) / (high - low);
  return Math.exp(Math.log(at20) + share * (Math.log(at100) - Math.log(at20)));
}

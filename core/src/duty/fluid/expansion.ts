import { pengRobinsonRoots } from "../../basis/calc/gas-compressibility.ts";
import { vapourPressure } from "../../basis/calc/vapour-pressure.ts";
import type { Fluid } from "../../basis/reference/fluids.ts";

const root2 = Math.SQRT2;
/** Enough to halve any range to less than anybody measures. */
const halvings = 50;
/** Below the temperature limit of every valve, K. */
const coldestK = 40;

/** Enthalpy over the gas constant, K, from that of the ideal gas at 0 K with a steady heat capacity. */
function enthalpyK(fluid: Fluid, kelvin: number, barA: number): number {
  const { temperatureK: tc, pressureBarA: pc, acentricFactor: w } = fluid.critical!;
  const gamma = fluid.isentropicExponent!;
  const roots = pengRobinsonRoots({
    temperatureC: kelvin - 273.15,
    pressureBarA: barA,
    criticalTemperatureK: tc,
    criticalPressureBarA: pc,
    acentricFactor: w,
  });
  const z = roots.at(-1)!;
  const [tr, pr] = [kelvin / tc, barA / pc];
  const m = 0.37464 + 1.54226 * w - 0.26992 * w * w;
  const rootAlpha = 1 + m * (1 - Math.sqrt(tr));
  const a = (0.45724 * rootAlpha ** 2 * pr) / tr ** 2;
  const b = (0.0778 * pr) / tr;
  const departure =
    z -
    1 -
    ((a * (1 + (m * Math.sqrt(tr)) / Math.max(1e-6, rootAlpha))) / (2 * root2 * b)) *
      Math.log((z + (1 + root2) * b) / (z + (1 - root2) * b));
  return kelvin * (gamma / (gamma - 1) + departure);
}

/** Where a pure fluid boils at a pressure, K; null above its critical pressure. */
function boilsAtK({ critical }: Pick<Fluid, "critical">, barA: number): number | null {
  const { temperatureK, pressureBarA, acentricFactor } = critical!;
  if (barA >= pressureBarA) return null;
  const valueAt = (kelvin: number) =>
    vapourPressure({
      temperatureC: kelvin - 273.15,
      criticalTemperatureK: temperatureK,
      criticalPressureBarA: pressureBarA,
      acentricFactor,
    }).pressureBarA;
  let [low, high] = [0.3 * temperatureK, temperatureK];
  for (let step = 0; step < halvings; step++) {
    const middle = (low + high) / 2;
    if (valueAt(middle) < barA) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Temperature of a gas after it has been throttled.
 *
 * @param fluid with critical figures and an isentropic exponent
 * @param temperatureC before, °C
 * @param upstreamBarA bar a > 0
 * @param downstreamBarA bar a > 0, not above upstream
 * @returns °C, where it condenses about where it boils at the pressure behind; null where the fluid's constants do not
 *   carry an estimate
 * @source constant enthalpy: Peng–Robinson departure, heat capacity of the ideal gas γR/(γ − 1); an estimate
 * @example expandedC({ critical: null, kind: "mixture" }, 20, 10, 1) // → null
 */
export function expandedC(
  fluid: Pick<Fluid, "critical" | "isentropicExponent" | "kind">,
  temperatureC: number,
  upstreamBarA: number,
  downstreamBarA: number,
): number | null {
  if (fluid.critical === null || !fluid.isentropicExponent || fluid.isentropicExponent <= 1) return null;
  if (temperatureC + 273.15 <= coldestK) return null;
  const fluidRecord = fluid as Fluid;
  const before = temperatureC + 273.15;
  const wanted = enthalpyK(fluidRecord, before, upstreamBarA);
  let [low, high] = [coldestK, before + 200];
  for (let step = 0; step < halvings; step++) {
    const middle = (low + high) / 2;
    if (enthalpyK(fluidRecord, middle, downstreamBarA) < wanted) low = middle;
    else high = middle;
  }
  const gas = (low + high) / 2;
  // Condensation releases heat: the stream gets no colder than its boiling point.
  const boils = fluid.kind === "pure" ? boilsAtK(fluid, downstreamBarA) : null;
  return Math.max(gas, boils ?? 0) - 273.15;
}

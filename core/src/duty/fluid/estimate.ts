import { gasCompressibility } from "../../basis/calc/gas-compressibility.ts";
import { vapourPressure } from "../../basis/calc/vapour-pressure.ts";
import type { Fluid } from "../../basis/reference/fluids.ts";
import { gasViscosityMPaS } from "./gas-viscosity.ts";
import { liquidDensityKgM3, liquidViscosityMPaS } from "./liquid.ts";

/** A value that was not measured: always shown with the word estimate and its method. */
export interface Estimate {
  readonly value: number;
  readonly method: string;
}

export type EstimatedPhase = "solid" | "liquid" | "gas" | "dense phase";

/** Estimate of a fluid's property at a state from its constants; null where there is none. */
export interface FluidState {
  readonly phase: EstimatedPhase | null;
  readonly vapourPressureBarA: Estimate | null;
  readonly densityKgM3: Estimate | null;
  readonly compressibility: Estimate | null;
  readonly viscosityMPaS: Estimate | null;
}

const gasConstantBarM3 = 0.0831446261815324;

function phaseOf(fluid: Fluid, temperatureC: number, pressureBarA: number, vapourBarA: number | null) {
  if (temperatureC < fluid.triplePointC) return "solid";
  if (!fluid.critical || fluid.kind === "mixture") return fluid.phase === "gas" ? "gas" : "liquid";
  if (vapourBarA === null) return pressureBarA > fluid.critical.pressureBarA ? "dense phase" : "gas";
  return pressureBarA >= vapourBarA ? "liquid" : "gas";
}

/**
 * Estimates a service fluid's state.
 *
 * @param fluid a service fluid
 * @param temperatureC °C above absolute zero
 * @param pressureBarA bar a > 0
 * @returns phase, vapour pressure, density, Z and viscosity, each with its method; null where the fluid's
 *   constants do not carry an estimate (mixtures without critical figures, solids)
 * @source Lee–Kesler, Peng–Robinson, Rackett, Lucas, Andrade
 */
export function estimateState(fluid: Fluid, temperatureC: number, pressureBarA: number): FluidState {
  const { critical } = fluid;
  const constants = critical && {
    criticalTemperatureK: critical.temperatureK,
    criticalPressureBarA: critical.pressureBarA,
    acentricFactor: critical.acentricFactor,
  };
  const boils =
    constants !== null &&
    fluid.kind === "pure" &&
    temperatureC + 273.15 <= constants.criticalTemperatureK &&
    temperatureC >= fluid.triplePointC;
  const vapour = boils ? vapourPressure({ temperatureC, ...constants }).pressureBarA : null;
  const phase = phaseOf(fluid, temperatureC, pressureBarA, vapour);
  const vapourPressureBarA = vapour === null ? null : { value: vapour, method: "Lee–Kesler" };
  if (phase === "solid") {
    return { phase, vapourPressureBarA: null, densityKgM3: null, compressibility: null, viscosityMPaS: null };
  }
  if (phase === "liquid") {
    const density = liquidDensityKgM3(fluid, temperatureC);
    const viscosity = liquidViscosityMPaS(fluid, temperatureC);
    return {
      phase,
      vapourPressureBarA,
      densityKgM3:
        density === null
          ? null
          : {
              value: density,
              method: fluid.density15KgM3 === null ? "Rackett, saturated" : "thermal expansion from 15 °C",
            },
      compressibility: null,
      viscosityMPaS: viscosity === null ? null : { value: viscosity, method: "Andrade, 20 and 100 °C" },
    };
  }
  const z = constants && gasCompressibility({ temperatureC, pressureBarA, ...constants }).z;
  const viscosity = gasViscosityMPaS(fluid, temperatureC);
  return {
    phase,
    vapourPressureBarA,
    densityKgM3:
      z === null || fluid.molarMassKgKmol === null
        ? null
        : {
            value: (pressureBarA * fluid.molarMassKgKmol) / (z * gasConstantBarM3 * (temperatureC + 273.15)),
            method: "Peng–Robinson",
          },
    compressibility: z === null ? null : { value: z, method: "Peng–Robinson" },
    viscosityMPaS: viscosity === null ? null : { value: viscosity, method: "Lucas, low pressure" },
  };
}

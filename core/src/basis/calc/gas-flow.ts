import { z } from "zod";
import { cvPerKv } from "../units/definitions.ts";
import { CalculationError, calculation } from "./calculation.ts";
import {
  coefficientFor,
  type Fittings,
  type FittingsInput,
  fittingsOf,
  flowConstants,
  pipingFactor,
  withoutReducers,
} from "./flow-fittings.ts";
import { optionalOfFlow, type Passer, type RequiredCoefficient } from "./liquid-flow.ts";
import { reynoldsFactor, reynoldsPerFlow, settledFlow, turbulentFrom } from "./valve-reynolds.ts";

/** A gas on both sides of a valve, and the trim's factors. */
export interface GasState extends FittingsInput {
  readonly molarMassKgKmol: number;
  readonly temperatureC: number;
  readonly compressibility: number;
  readonly isentropicExponent: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly fl: number;
  readonly xt: number;
  readonly viscosityPaS?: number | undefined;
  readonly fd?: number | undefined;
}

export interface GasFlowInput extends GasState {
  readonly flowNm3h: number;
}

/** Normal conditions: 0 °C, 1.01325 bar a. */
const normal = { kelvin: 273.15, barA: 1.01325 } as const;
/** Molar volume at normal conditions, m³/kmol. */
export const normalMolarVolume = (8.31446261815324 * normal.kelvin) / (normal.barA * 100);

/** Limiting ratio of pressure drop with reducers, x_TP = (x_T/F_P²)/(1 + x_T·ξ/N₅·(C/d²)²). */
function limitingRatio(kv: number, xt: number, fittings: Fittings | null): number {
  if (fittings === null) return xt;
  const specific = (kv / fittings.valveMm ** 2) ** 2;
  const upstream = Math.max(0, fittings.upstream);
  return xt / pipingFactor(kv, fittings) ** 2 / (1 + ((xt * upstream) / flowConstants.n5) * specific);
}

/**
 * Gas flow through valves between two pressures.
 *
 * @param state pressures, bar a; temperature, °C; molar mass, kg/kmol; Z and γ upstream; with all three diameters, mm,
 *   reducers count, and with viscosity, Pa·s, and a trim's F_d besides flow that is not turbulent
 * @returns flow of a trim with F_L and x_T, Nm³/h, and whether it is choked
 * @source IEC 60534-2-1:2011, clauses 7 to 9
 */
export function gasPasser(state: Omit<GasState, "fl" | "xt" | "fd">): Passer {
  const { molarMassKgKmol, compressibility, isentropicExponent, upstreamBarA, downstreamBarA } = state;
  const { viscosityPaS } = state;
  const kelvin = state.temperatureC + 273.15;
  const x = (upstreamBarA - downstreamBarA) / upstreamBarA;
  const fittings = fittingsOf(state);
  const upstreamKpa = upstreamBarA * 100;
  const heavy = molarMassKgKmol * kelvin * compressibility;
  const perRoot = (flowConstants.n9 * upstreamKpa) / Math.sqrt(heavy);
  const actual = (normal.barA * kelvin * compressibility) / (upstreamBarA * normal.kelvin);
  const slowExpansion = Math.sqrt(1 - x / 2);
  const downstreamKpa = downstreamBarA * 100;
  const slowPerKv =
    flowConstants.n22 * Math.sqrt(((upstreamKpa - downstreamKpa) * (upstreamKpa + downstreamKpa)) / heavy);
  const slow =
    fittings && viscosityPaS !== undefined
      ? { fittings, kinematicM2S: (viscosityPaS * normalMolarVolume * actual) / molarMassKgKmol }
      : null;
  const limitOf = (kv: number, xt: number) => (isentropicExponent / 1.4) * limitingRatio(kv, xt, fittings);
  return {
    choked: (kv, { xt }) => x >= limitOf(kv, xt!),
    flow: (kv, { fl, xt, fd }) => {
      const limit = limitOf(kv, xt!);
      const sizing = Math.min(x, limit);
      const fp = fittings === null ? 1 : pipingFactor(kv, fittings);
      const expansion = 1 - sizing / (3 * limit);
      const turbulent = kv * fp * perRoot * expansion * Math.sqrt(sizing);
      if (slow === null || fd === undefined) return turbulent;
      const per = actual * reynoldsPerFlow(kv, fl, fd, slow.kinematicM2S, slow.fittings);
      if (per * turbulent >= turbulentFrom) return turbulent;
      return settledFlow(turbulent, (flow) => {
        const between = Math.max(0, (per * flow - 1000) / 9000);
        const y = slowExpansion + between * (expansion - slowExpansion);
        return Math.min(
          turbulent,
          kv * slowPerKv * y * reynoldsFactor(per * flow, kv, fl, slow.fittings.valveMm),
        );
      });
    },
  };
}

/**
 * Gas flow through a valve.
 *
 * @param kv its flow coefficient, m³/h
 * @param state as `gasPasser`, with F_L, x_T and F_d of the trim
 * @returns flow, Nm³/h, and whether it is choked
 * @source `gasPasser`
 */
export function gasThrough(
  kv: number,
  state: GasState,
): { readonly flowNm3h: number; readonly choked: boolean } {
  const passer = gasPasser(state);
  return { flowNm3h: passer.flow(kv, state), choked: passer.choked(kv, state) };
}

/**
 * Flow coefficient a gas or a vapour asks of a valve.
 *
 * @param input flow, Nm³/h (0 °C, 1.01325 bar a); molar mass, kg/kmol; temperature, °C; Z and γ upstream; pressures,
 *   bar a; F_L and x_T; and, for reducers, all three diameters, mm; for flow that is not turbulent also viscosity, Pa·s,
 *   and F_d
 * @returns Kv, m³/h, Cv, US gal/min, and whether flow is choked
 * @throws CalculationError `no-pressure-drop`, `above-valve-size`
 * @source IEC 60534-2-1:2011, clauses 7, 8 and 9; the coefficient that passes the flow, with reducers found by iteration
 * @example gasFlow({ flowNm3h: 1000, molarMassKgKmol: 28.96, temperatureC: 20, compressibility: 1, isentropicExponent: 1.4, upstreamBarA: 10, downstreamBarA: 2, fl: 0.8, xt: 0.5 }).choked // → true
 */
export function gasFlow(input: GasFlowInput): RequiredCoefficient {
  if (input.downstreamBarA >= input.upstreamBarA)
    throw new CalculationError(
      "no-pressure-drop",
      "Downstream pressure must be lower than upstream pressure.",
      "downstreamBarA",
    );
  const passer = gasPasser(input);
  const fittings = fittingsOf(input);
  // Without reducers and viscosity flow is proportional to the coefficient; with them no less is wanted.
  const bare = fittings ? gasPasser(withoutReducers(input)).flow(1, input) : passer.flow(1, input);
  const first = input.flowNm3h / bare;
  const kv = fittings ? coefficientFor((tried) => passer.flow(tried, input), input.flowNm3h, first) : first;
  return { kv, cv: kv * cvPerKv, choked: passer.choked(kv, input) };
}

export const gasFlowCalculation = calculation({
  name: "gas-flow",
  title: "Flow coefficient for a gas or vapour",
  source: "IEC 60534-2-1:2011",
  schema: () =>
    z.strictObject({
      flowNm3h: z.number().positive().max(1e9),
      molarMassKgKmol: z.number().positive().max(1000),
      temperatureC: z.number().gt(-273.15).max(2000),
      compressibility: z.number().positive().max(10),
      isentropicExponent: z.number().min(0.5).max(5),
      upstreamBarA: z.number().positive().max(10_000),
      downstreamBarA: z.number().min(0).max(10_000),
      fl: z.number().positive().max(1),
      xt: z.number().positive().max(1),
      ...optionalOfFlow(),
    }),
  compute: gasFlow,
});

import { z } from "zod";
import { cvPerKv } from "../units/definitions.ts";
import { CalculationError, calculation } from "./calculation.ts";
import {
  coefficientFor,
  type FittingsInput,
  fittingsOf,
  flowConstants,
  pipingFactor,
} from "./flow-fittings.ts";
import { optionalOfFlow, type RequiredCoefficient } from "./liquid-flow.ts";
import { reynoldsFactor, settledFlow, turbulentFrom, valveReynolds } from "./valve-reynolds.ts";

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

/**
 * Limiting ratio of pressure drop with reducers.
 *
 * @param kv flow coefficient, m³/h
 * @param xt limiting ratio of the valve alone
 * @param state diameters, mm
 * @returns x_TP
 * @source IEC 60534-2-1:2011, 8.8: x_TP = (x_T/F_P²)/(1 + x_T·ξ/N₅·(C/d²)²)
 */
export function limitingRatio(kv: number, xt: number, state: FittingsInput): number {
  const fittings = fittingsOf(state);
  if (!fittings) return xt;
  const specific = (kv / fittings.valveMm ** 2) ** 2;
  return (
    xt /
    pipingFactor(kv, fittings) ** 2 /
    (1 + ((xt * Math.max(0, fittings.upstream)) / flowConstants.n5) * specific)
  );
}

/**
 * What a valve passes of a gas.
 *
 * @param kv its flow coefficient, m³/h
 * @param state pressures, bar a; temperature, °C; molar mass, kg/kmol; Z and γ upstream; F_L and x_T; with all three
 *   diameters, mm, reducers count, and with viscosity, Pa·s, and F_d besides flow that is not turbulent
 * @returns flow, Nm³/h, and whether it is choked
 * @source IEC 60534-2-1:2011, clauses 7 and 9
 */
export function gasThrough(
  kv: number,
  state: GasState,
): { readonly flowNm3h: number; readonly choked: boolean } {
  const { molarMassKgKmol, compressibility, isentropicExponent, upstreamBarA, downstreamBarA, fl } = state;
  const { viscosityPaS, fd } = state;
  const kelvin = state.temperatureC + 273.15;
  const x = (upstreamBarA - downstreamBarA) / upstreamBarA;
  const fittings = fittingsOf(state);
  const limit = (isentropicExponent / 1.4) * limitingRatio(kv, state.xt, state);
  const sizing = Math.min(x, limit);
  const choked = x >= limit;
  const fp = fittings ? pipingFactor(kv, fittings) : 1;
  const expansion = 1 - sizing / (3 * limit);
  const upstreamKpa = upstreamBarA * 100;
  const turbulent =
    kv *
    flowConstants.n9 *
    fp *
    upstreamKpa *
    expansion *
    Math.sqrt(sizing / (molarMassKgKmol * kelvin * compressibility));
  if (viscosityPaS === undefined || fd === undefined || fittings === null)
    return { flowNm3h: turbulent, choked };
  const kinematicM2S =
    viscosityPaS /
    ((molarMassKgKmol / normalMolarVolume) *
      ((upstreamBarA * normal.kelvin) / (normal.barA * kelvin * compressibility)));
  const actual = (normal.barA * kelvin * compressibility) / (upstreamBarA * normal.kelvin);
  const of = { kinematicM2S, fl, fd, fittings };
  const reynolds = (flow: number) => valveReynolds(flow * actual, kv, of);
  if (reynolds(turbulent) >= turbulentFrom) return { flowNm3h: turbulent, choked };
  const slowExpansion = Math.sqrt(1 - x / 2);
  const slow =
    kv *
    flowConstants.n22 *
    Math.sqrt(
      ((upstreamKpa - downstreamBarA * 100) * (upstreamKpa + downstreamBarA * 100)) /
        (molarMassKgKmol * kelvin * compressibility),
    );
  const flowNm3h = settledFlow(turbulent, (flow) => {
    const re = reynolds(flow);
    const between = Math.max(0, (re - 1000) / 9000);
    const y = slowExpansion + between * (expansion - slowExpansion);
    return Math.min(turbulent, slow * y * reynoldsFactor(re, kv, fl, fittings.valveMm));
  });
  return { flowNm3h, choked: choked && flowNm3h >= turbulent };
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
      "Downstream must be lower than upstream for anything to flow.",
      "downstreamBarA",
    );
  // Without reducers and viscosity flow is proportional to the coefficient.
  const first = input.flowNm3h / gasThrough(1, { ...input, valveDiameterMm: undefined }).flowNm3h;
  const kv = fittingsOf(input)
    ? coefficientFor((tried) => gasThrough(tried, input).flowNm3h, input.flowNm3h, first)
    : first;
  return { kv, cv: kv * cvPerKv, choked: gasThrough(kv, input).choked };
}

export const gasFlowCalculation = calculation({
  name: "gas-flow",
  title: "Flow coefficient for a gas or a vapour",
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

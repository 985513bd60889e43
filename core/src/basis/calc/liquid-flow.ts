import { z } from "zod";
import { cvPerKv } from "../units/definitions.ts";
import { CalculationError, calculation } from "./calculation.ts";
import {
  coefficientFor,
  type FittingsInput,
  fittingsOf,
  flowConstants,
  pipingFactor,
  recoveryWithFittings,
  withoutReducers,
} from "./flow-fittings.ts";
import { reynoldsFactor, reynoldsPerFlow, settledFlow, turbulentFrom } from "./valve-reynolds.ts";

/** A liquid on both sides of a valve, and the recovery of its trim. */
export interface LiquidState extends FittingsInput {
  readonly densityKgM3: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly vapourPressureBarA: number;
  readonly criticalPressureBarA: number;
  readonly fl: number;
  readonly viscosityPaS?: number | undefined;
  readonly fd?: number | undefined;
}

export interface LiquidFlowInput extends LiquidState {
  readonly flowM3h: number;
}

/** Required coefficient of a valve, and whether a higher pressure drop would pass more. */
export interface RequiredCoefficient {
  readonly kv: number;
  readonly cv: number;
  readonly choked: boolean;
}

/** Density the coefficient is defined with: water at 15 °C, kg/m³. */
const referenceDensity = 999.10329075702327;

/**
 * Ratio of the pressure in the vena contracta to the vapour pressure where a liquid chokes.
 *
 * @param vapourBarA vapour pressure, bar a
 * @param criticalBarA critical pressure, bar a
 * @returns F_F
 * @source IEC 60534-2-1:2011, 6.3: F_F = 0.96 − 0.28√(p_v/p_c)
 * @example criticalRatio(0, 220).toFixed(2) // → "0.96"
 */
const criticalRatio = (vapourBarA: number, criticalBarA: number): number =>
  0.96 - 0.28 * Math.sqrt(vapourBarA / criticalBarA);

/** Flow of one stream through a valve of any coefficient. */
export interface Passer {
  /** For a trim with this coefficient and factors, in the stream's own unit. */
  readonly flow: (kv: number, factors: TrimFactors) => number;
  /** Whether a higher drop would pass no more. */
  readonly choked: (kv: number, factors: TrimFactors) => boolean;
}

/** Values of a trim that the flow equations use besides its coefficient. */
export interface TrimFactors {
  readonly fl: number;
  readonly xt?: number | undefined;
  readonly fd?: number | undefined;
}

/**
 * Liquid flow through valves between two pressures.
 *
 * @param state pressures, bar a; density, kg/m³; with all three diameters, mm, reducers count, and with viscosity, Pa·s,
 *   and a trim's F_d besides flow that is not turbulent
 * @returns flow of a trim, m³/h, and whether it is choked
 * @source IEC 60534-2-1:2011, clauses 6 and 9; not turbulent without reducers, the lesser of the two
 */
export function liquidPasser(state: Omit<LiquidState, "fl" | "fd">): Passer {
  const { densityKgM3, upstreamBarA, downstreamBarA, viscosityPaS } = state;
  const dropKpa = (upstreamBarA - downstreamBarA) * 100;
  const ratio = criticalRatio(state.vapourPressureBarA, state.criticalPressureBarA);
  const toVapourKpa = Math.max(0, upstreamBarA - ratio * state.vapourPressureBarA) * 100;
  const perRootKpa = flowConstants.n1 / Math.sqrt(densityKgM3 / referenceDensity);
  const slowPerKv = perRootKpa * Math.sqrt(dropKpa);
  const fittings = fittingsOf(state);
  const slow =
    fittings && viscosityPaS !== undefined ? { kinematicM2S: viscosityPaS / densityKgM3, fittings } : null;
  const chokedKpa = (kv: number, fl: number): number => {
    if (fittings === null) return fl * fl * toVapourKpa;
    return (recoveryWithFittings(kv, fl, fittings) / pipingFactor(kv, fittings)) ** 2 * toVapourKpa;
  };
  return {
    choked: (kv, { fl }) => dropKpa >= chokedKpa(kv, fl),
    flow: (kv, { fl, fd }) => {
      const fp = fittings === null ? 1 : pipingFactor(kv, fittings);
      const turbulent = kv * fp * perRootKpa * Math.sqrt(Math.min(dropKpa, chokedKpa(kv, fl)));
      if (slow === null || fd === undefined) return turbulent;
      const per = reynoldsPerFlow(kv, fl, fd, slow.kinematicM2S, slow.fittings);
      if (per * turbulent >= turbulentFrom) return turbulent;
      return settledFlow(turbulent, (flow) =>
        Math.min(turbulent, kv * slowPerKv * reynoldsFactor(per * flow, kv, fl, slow.fittings.valveMm)),
      );
    },
  };
}

/**
 * Liquid flow through a valve.
 *
 * @param kv its flow coefficient, m³/h
 * @param state as `liquidPasser`, with F_L and F_d of the trim
 * @returns flow, m³/h, and whether it is choked
 * @source `liquidPasser`
 */
export function liquidThrough(
  kv: number,
  state: LiquidState,
): { readonly flowM3h: number; readonly choked: boolean } {
  const passer = liquidPasser(state);
  return { flowM3h: passer.flow(kv, state), choked: passer.choked(kv, state) };
}

/**
 * Flow coefficient a liquid asks of a valve.
 *
 * @param input flow, m³/h; density, kg/m³; upstream, downstream, vapour and critical pressure, bar a; F_L; and, for
 *   reducers, all three diameters, mm; for flow that is not turbulent also viscosity, Pa·s, and F_d
 * @returns Kv, m³/h, Cv, US gal/min, and whether flow is choked
 * @throws CalculationError `no-pressure-drop`, `no-liquid` where it boils already upstream, `above-valve-size`
 * @source IEC 60534-2-1:2011, clauses 6, 8 and 9; the coefficient that passes the flow, with reducers found by iteration
 * @example liquidFlow({ flowM3h: 10, densityKgM3: 999.10329075702327, upstreamBarA: 5, downstreamBarA: 4, vapourPressureBarA: 0.02, criticalPressureBarA: 220.64, fl: 0.9 }).kv.toFixed(6) // → "10.000000"
 */
export function liquidFlow(input: LiquidFlowInput): RequiredCoefficient {
  if (input.downstreamBarA >= input.upstreamBarA)
    throw new CalculationError(
      "no-pressure-drop",
      "Downstream pressure must be lower than upstream pressure.",
      "downstreamBarA",
    );
  const passer = liquidPasser(input);
  const fittings = fittingsOf(input);
  // Without reducers and viscosity flow is proportional to the coefficient; with them no less is wanted.
  const bare = fittings ? liquidPasser(withoutReducers(input)).flow(1, input) : passer.flow(1, input);
  if (bare <= 0)
    throw new CalculationError(
      "no-liquid",
      "The vapour pressure exceeds the upstream pressure: the fluid is not liquid upstream.",
      "vapourPressureBarA",
    );
  const first = input.flowM3h / bare;
  const kv = fittings ? coefficientFor((tried) => passer.flow(tried, input), input.flowM3h, first) : first;
  return { kv, cv: kv * cvPerKv, choked: passer.choked(kv, input) };
}

const pressure = () => z.number().min(0).max(10_000);
const diameter = () => z.number().positive().max(5000).optional();

/** Fields on reducers and viscosity, the same for liquids and gases. */
export const optionalOfFlow = () => ({
  viscosityPaS: z.number().positive().max(1e4).optional(),
  valveDiameterMm: diameter(),
  upstreamPipeMm: diameter(),
  downstreamPipeMm: diameter(),
  fd: z.number().positive().max(1).optional(),
});

export const liquidFlowCalculation = calculation({
  name: "liquid-flow",
  title: "Flow coefficient for a liquid",
  source: "IEC 60534-2-1:2011",
  schema: () =>
    z.strictObject({
      flowM3h: z.number().positive().max(1e7),
      densityKgM3: z.number().positive().max(30_000),
      upstreamBarA: pressure(),
      downstreamBarA: pressure(),
      vapourPressureBarA: pressure(),
      criticalPressureBarA: z.number().positive().max(1e5),
      fl: z.number().positive().max(1),
      ...optionalOfFlow(),
    }),
  compute: liquidFlow,
});

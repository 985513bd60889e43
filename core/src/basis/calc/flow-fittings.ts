/** Reducers beside a valve, and the numerical constants of the flow equations (Kv, kPa, mm, m³/h). */
import { CalculationError } from "./calculation.ts";

/** IEC 60534-2-1:2011, table 1, for Kv, m³/h, mm, kPa and kg/m³; N9 and N22 at normal conditions of 0 °C. */
export const flowConstants = {
  n1: 0.1,
  n2: 1.6e-3,
  n4: 7.07e-2,
  n5: 1.8e-3,
  n9: 24.6,
  n18: 0.865,
  n22: 17.3,
  n32: 1.4e2,
} as const;

/** Sizes of the valve and of the pipe on its two sides, mm. */
export interface FittingsInput {
  valveDiameterMm?: number | undefined;
  upstreamPipeMm?: number | undefined;
  downstreamPipeMm?: number | undefined;
}

/**
 * The same without reducers.
 *
 * @param state sizes and anything else
 * @returns a copy whose sizes are not stated
 * @source none
 */
export const withoutReducers = <S extends FittingsInput>(state: S): S => ({
  ...state,
  valveDiameterMm: undefined,
});

/** Effect of reducers, as the flow equations use it. */
export interface Fittings {
  readonly valveMm: number;
  readonly upstreamMm: number;
  /** ΣK of both reducers. */
  readonly both: number;
  /** K₁ + K_B1 of the upstream reducer. */
  readonly upstream: number;
}

/**
 * Loss coefficients of concentric reducers beside a valve.
 *
 * @param input diameters of valve and pipe, mm
 * @returns coefficients on the valve's own velocity head; null unless all three diameters are given
 * @source IEC 60534-2-1:2011, 8.5: K₁ = 0.5(1 − (d/D₁)²)², K₂ = (1 − (d/D₂)²)², K_B = 1 − (d/D)⁴
 */
export function fittingsOf(input: FittingsInput): Fittings | null {
  const { valveDiameterMm: d, upstreamPipeMm: d1, downstreamPipeMm: d2 } = input;
  if (d === undefined || d1 === undefined || d2 === undefined) return null;
  const [r1, r2] = [(d / d1) ** 2, (d / d2) ** 2];
  const upstream = 0.5 * (1 - r1) ** 2 + 1 - r1 * r1;
  return { valveMm: d, upstreamMm: d1, upstream, both: upstream + (1 - r2) ** 2 - (1 - r2 * r2) };
}

/**
 * Piping geometry factor.
 *
 * @param kv flow coefficient of the valve, m³/h
 * @param fittings reducers beside it
 * @returns F_P, 1 without reducers
 * @source IEC 60534-2-1:2011, 8.5: F_P = 1/√(1 + ΣK/N₂·(C/d²)²)
 */
export const pipingFactor = (kv: number, { both, valveMm }: Fittings): number =>
  1 / Math.sqrt(Math.max(1e-12, 1 + (both / flowConstants.n2) * (kv / valveMm ** 2) ** 2));

/**
 * Liquid pressure recovery factor with the reducer upstream.
 *
 * @param kv flow coefficient of the valve, m³/h
 * @param fl liquid pressure recovery factor of the valve alone
 * @param fittings reducers beside it
 * @returns F_LP
 * @source IEC 60534-2-1:2011, 8.7: F_LP = F_L/√(1 + F_L²/N₂·ΣK₁·(C/d²)²)
 */
export const recoveryWithFittings = (kv: number, fl: number, { upstream, valveMm }: Fittings): number =>
  fl / Math.sqrt(1 + ((fl * fl) / flowConstants.n2) * Math.max(0, upstream) * (kv / valveMm ** 2) ** 2);

/**
 * The coefficient at which a rising flow reaches the required flow.
 *
 * @param flowAt flow through a valve of a coefficient; it never falls as the coefficient rises
 * @param wanted flow
 * @param first a coefficient that may be too small
 * @returns coefficient, to the last digits
 * @throws CalculationError `above-valve-size` where no coefficient passes it through this body and pipe
 * @source bracketing and false position on the logarithm, which never leaves its bracket
 */
export function coefficientFor(flowAt: (kv: number) => number, wanted: number, first: number): number {
  const miss = (kv: number) => Math.log(flowAt(kv) / wanted);
  let [low, high] = [first, first];
  let [below, above] = [miss(first), 0];
  if (Math.abs(below) < 1e-13) return first;
  // Flow is nearly proportional to the coefficient: strides grow until they pass it.
  for (let stride = 1.05; below > 0 && low > 0; stride *= 1.5) {
    [high, above] = [low, below];
    low /= stride;
    below = miss(low);
  }
  for (let stride = 1.05; above <= 0; stride *= 1.1) {
    if (high > first * 1e5) throw tooLarge();
    const next = high * stride;
    const missed = miss(next);
    if (missed > 0) [high, above] = [next, missed];
    else [low, high, below] = [next, next, missed];
  }
  for (let step = 0, side = 0; step < 80 && high / low - 1 > 1e-13; step++) {
    const by = below / (below - above);
    const kv = by > 0 && by < 1 ? low * (high / low) ** by : Math.sqrt(low * high);
    const missed = miss(kv);
    if (Math.abs(missed) < 1e-13) return kv;
    if (missed > 0) {
      [high, above] = [kv, missed];
      if (side === 1) below /= 2;
      side = 1;
    } else {
      [low, below] = [kv, missed];
      if (side === -1) above /= 2;
      side = -1;
    }
  }
  // Where flow stops being turbulent it jumps: the coefficient beyond the jump passes no less than asked.
  return high;
}

const tooLarge = () =>
  new CalculationError(
    "above-valve-size",
    "No trim passes this flow through a body and reducers of this size. Use a larger valve.",
    "valveDiameterMm",
  );

import type { Duty } from "../duty/duty.ts";
import { fluidNamed } from "../reference/fluids.ts";
import { atmosphereBar } from "../units/definitions.ts";
import { type Estimate, type EstimatedPhase, estimateState } from "./estimate.ts";

/** Estimates for the figures of a duty's fluid that nobody stated. */
export interface FluidEstimates {
  /** By the path of the duty field. */
  readonly values: Readonly<Record<string, Estimate>>;
  /** Name of the case they are made at; null where none says pressure and temperature. */
  readonly at: string | null;
  readonly phase: EstimatedPhase | null;
}

/** Below this the gas laws used say nothing, bar a. */
const leastBarA = 0.01;

/**
 * Estimates of a duty's fluid at its first case that says pressure and temperature, a normal one before others.
 *
 * @param substance id of a service fluid, null when none is stated
 * @param cases operating cases, bar g and °C
 * @returns estimates by duty path, empty where substance or state is not stated
 * @source estimateState; the isentropic exponent of the table of fluids, ideal gas
 * @example fluidEstimates(null, []).at // → null
 */
export function fluidEstimates(substance: string | null, cases: Duty["cases"]): FluidEstimates {
  const fluid = substance === null ? undefined : fluidNamed(substance);
  const stated = cases.filter((c) => c.upstreamBarG !== null && c.temperatureC !== null);
  const at = stated.find((c) => c.kind === "normal") ?? stated[0];
  if (!fluid || !at) return { values: {}, at: null, phase: null };
  const { phase, ...state } = estimateState(
    fluid,
    at.temperatureC!,
    Math.max(leastBarA, at.upstreamBarG! + atmosphereBar),
  );
  const isentropicExponent =
    fluid.isentropicExponent === null
      ? null
      : { value: fluid.isentropicExponent, method: "table of fluids, ideal gas" };
  const values = Object.entries({ ...state, isentropicExponent }).flatMap(([name, estimate]) =>
    estimate === null ? [] : [[`fluid.${name}`, estimate] as const],
  );
  return { values: Object.fromEntries(values), at: at.name, phase };
}

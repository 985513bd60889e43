import { fluidNamed } from "../../basis/reference/fluids.ts";
import { atmosphereBar } from "../../basis/units/definitions.ts";
import { type Estimate, type EstimatedPhase, estimateState } from "../fluid/estimate.ts";
import { mixtureIn } from "../settling/mixed.ts";
import type { Duty } from "../statement/duty.ts";

/** Estimates for fluid properties of a duty that are not stated. */
export interface FluidEstimates {
  /** By the path of the duty field. */
  readonly values: Readonly<Record<string, Estimate>>;
  /** Name of the case they are made at; null where none states pressure and temperature. */
  readonly at: string | null;
  readonly phase: EstimatedPhase | null;
}

/** Below this the gas laws used say nothing, bar a. */
const leastBarA = 0.01;

/**
 * Estimates for a duty's fluid at its first case with pressure and temperature, a normal one preferred.
 *
 * @param entered the fluid as entered: a composition takes precedence over a substance
 * @param cases operating cases, bar g and °C
 * @returns estimates by duty path, empty where substance or state is not stated
 * @source estimateState, of a composition by Kay's rule; the isentropic exponent of the table of fluids, ideal gas
 * @example fluidEstimates({ substance: null, composition: null }, []).at // → null
 */
export function fluidEstimates(
  entered: Pick<Duty["fluid"], "substance" | "composition">,
  cases: Duty["cases"],
): FluidEstimates {
  const { substance } = entered;
  const fluid = mixtureIn({ fluid: entered }) ?? (substance === null ? undefined : fluidNamed(substance));
  const stated = cases.filter((c) => c.upstreamBarG !== null && c.temperatureC !== null);
  const operatingCase = stated.find((c) => c.kind === "normal") ?? stated[0];
  if (!fluid || !operatingCase) return { values: {}, at: null, phase: null };
  const { phase, ...state } = estimateState(
    fluid,
    operatingCase.temperatureC!,
    Math.max(leastBarA, operatingCase.upstreamBarG! + atmosphereBar),
  );
  const isentropicExponent =
    fluid.isentropicExponent === null
      ? null
      : { value: fluid.isentropicExponent, method: "fluid table, ideal gas" };
  const values = Object.entries({ ...state, isentropicExponent }).flatMap(([name, estimate]) =>
    estimate === null ? [] : [[`fluid.${name}`, estimate] as const],
  );
  return { values: Object.fromEntries(values), at: operatingCase.name, phase };
}

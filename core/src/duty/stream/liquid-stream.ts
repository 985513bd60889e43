import { estimateState } from "../fluid/estimate.ts";
import { saturation } from "../fluid/saturation.ts";
import { isWater } from "../settling/families.ts";
import { Figures, missing, type State, type StreamOfCase, waterAt } from "./stream-figures.ts";

/** Below liquid hydrogen and helium at their critical points, kg/m³ and mPa·s: a slip, of unit or of decimals. */
const lightest = 20;
const thinnest = 0.001;

/**
 * A liquid that flows in a case.
 *
 * @param state pressures, temperature, case and duty
 * @param house speed of sound where it is not water, m/s
 * @returns the stream, or the missing value
 * @source what was entered, IAPWS-IF97 for water, `estimateState`
 */
export function liquidOf(state: State, house: { readonly soundSpeedMS: number }): StreamOfCase {
  const { duty, upstreamBarA, downstreamBarA, temperatureC, stated, throttles } = state;
  const own = duty.stated.fluid;
  const { fluid } = duty;
  const figures = new Figures();
  const water = isWater(duty.stated, duty.substance) ? waterAt(upstreamBarA, temperatureC) : null;
  const estimated = fluid && estimateState(fluid, temperatureC, upstreamBarA);
  // Where the state is a gas, the stated liquid properties do not apply.
  const estimate = estimated?.phase === "gas" ? null : estimated;
  const densityKgM3 = figures.take(
    "density",
    "kg/m³",
    [own.densityKgM3, "entered"],
    [water?.phase === "water" ? water.densityKgM3 : null, "reference"],
    [estimate?.densityKgM3?.value, "estimate"],
  );
  if (densityKgM3 === null) return missing("density of the liquid");
  if (densityKgM3 < lightest)
    return missing("plausible density of the liquid in kg/m³ (the stated value may be relative to water)");
  const viscosity = figures.take(
    "viscosity",
    "mPa·s",
    [own.viscosityMPaS, "entered"],
    [water?.phase === "water" ? water.viscosityPaS * 1000 : null, "reference"],
    [estimate?.viscosityMPaS?.value, "estimate"],
  );
  if (viscosity === null) return missing("viscosity of the liquid");
  if (viscosity < thinnest) return missing("plausible viscosity of the liquid in mPa·s");
  const dense = state.c.phase === "dense phase";
  const criticalBarA = fluid?.critical?.pressureBarA ?? null;
  if (dense && (criticalBarA === null || (throttles && downstreamBarA < criticalBarA)))
    return missing("method for a dense phase that changes phase in the valve");
  // A value stated for one temperature is at least as high at a hotter one.
  const boils = fluid === null ? null : (saturation(fluid, temperatureC)?.barA ?? null);
  const vapour = dense
    ? criticalBarA
    : own.vapourPressureBarA === null
      ? boils
      : Math.max(own.vapourPressureBarA, boils ?? 0);
  const vapourBarA = figures.take("vapour pressure", "bar a", [
    vapour,
    own.vapourPressureBarA !== null && vapour === own.vapourPressureBarA ? "entered" : "estimate",
  ]);
  const rate = stated.rate!;
  if (stated.rateBasis === "Nm³/h") return missing("flow in m³/h or kg/h (a liquid has no normal volume)");
  const flowM3h = stated.rateBasis === "kg/h" ? rate / densityKgM3 : rate;
  return {
    stream: {
      kind: "liquid",
      flowM3h,
      massKgH: flowM3h * densityKgM3,
      densityKgM3,
      viscosityPaS: viscosity / 1000,
      vapourBarA: vapourBarA ?? 0,
      vapourKnown: vapourBarA !== null,
      // If not known, choking is assumed no later than possible.
      criticalBarA: criticalBarA ?? Number.POSITIVE_INFINITY,
      soundMS: water?.phase === "water" ? water.soundSpeedMS : house.soundSpeedMS,
      upstreamBarA,
      downstreamBarA,
      temperatureC,
      figures: figures.list,
    },
  };
}

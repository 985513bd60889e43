import { isWater } from "../settling/families.ts";
import { gasOf } from "./gas-stream.ts";
import { liquidOf } from "./liquid-stream.ts";
import {
  boilingC,
  missing,
  type State,
  type StreamOfCase,
  saturatedWater,
  type TwoPhaseStream,
} from "./stream-figures.ts";

/** Water and steam have one temperature; each is looked up this far on its own side of it, K. */
const apartK = 0.01;

/**
 * Density of two phases that move together.
 *
 * @param vapourShare of the mass
 * @param gas its density, kg/m³
 * @param liquid its density, kg/m³
 * @returns kg/m³
 * @source no slip: volumes add
 * @example asOne(0, 1, 1000) // → 1000
 */
export const asOne = (vapourShare: number, gas: number, liquid: number): number =>
  1 / (vapourShare / gas + (1 - vapourShare) / liquid);

/**
 * A liquid and a vapour that flow together.
 *
 * @param state pressures, temperature, case and duty
 * @param house speed of sound where the liquid is not water, m/s
 * @returns the stream, or the missing value of it or of either phase
 * @source `liquidOf` and `gasOf`, each with its share of the mass; they move as one. Wet steam boils on at its
 *   enthalpy; another liquid that would is not reckoned
 */
export function twoPhaseOf(state: State, house: { readonly soundSpeedMS: number }): StreamOfCase {
  const { stated, duty, upstreamBarA, downstreamBarA } = state;
  const percent = stated.vapourPercent;
  if (percent === null) return missing("vapour fraction");
  if (percent <= 0 || percent >= 100)
    return missing("vapour fraction between 0 and 100 % (at 0 or 100 % the fluid has one phase)");
  if (stated.rateBasis === "Nm³/h") return missing("flow in kg/h or m³/h (a liquid has no normal volume)");
  const vapourShare = percent / 100;
  const wet = duty.stated.fluid.composition === null && isWater(duty.stated, duty.substance);
  const boilsC = wet ? boilingC(upstreamBarA) : null;
  if (wet && boilsC === null) return missing("wet steam data this close to the critical point");
  // With one kilogram per hour of each, for their densities.
  const streamOfPhase = (phase: "liquid" | "gas", rate: number) => {
    const phaseC = boilsC === null ? state.temperatureC : boilsC + (phase === "gas" ? apartK : -apartK);
    const c = { ...state.c, phase: phase === "gas" && boilsC !== null ? ("steam" as const) : phase };
    const own: State = { ...state, c, temperatureC: phaseC, stated: { ...stated, rate, rateBasis: "kg/h" } };
    return phase === "gas" ? gasOf(own) : liquidOf(own, house);
  };
  const [oneOfLiquid, oneOfGas] = [streamOfPhase("liquid", 1), streamOfPhase("gas", 1)];
  if (oneOfLiquid.stream === null) return oneOfLiquid;
  if (oneOfGas.stream === null) return oneOfGas;
  const densityKgM3 = asOne(vapourShare, oneOfGas.stream.densityKgM3, oneOfLiquid.stream.densityKgM3);
  const massKgH = stated.rateBasis === "kg/h" ? stated.rate! : stated.rate! * densityKgM3;
  const behindShare = boilsC === null ? vapourShare : boiledOn(vapourShare, upstreamBarA, downstreamBarA);
  if (behindShare === null) return missing("downstream pressure within the wet steam tables");
  const boils = oneOfLiquid.stream as TwoPhaseStream["liquid"];
  if (boilsC === null && state.throttles && boils.vapourBarA > downstreamBarA)
    return missing("further flashing in the valve (known for water only)");
  const liquid = streamOfPhase("liquid", massKgH * (1 - vapourShare)).stream as TwoPhaseStream["liquid"];
  const gas = streamOfPhase("gas", massKgH * vapourShare).stream as TwoPhaseStream["gas"];
  return {
    stream: {
      kind: "two-phase",
      liquid,
      gas,
      vapourShare,
      behindShare: Math.max(vapourShare, behindShare),
      massKgH,
      densityKgM3,
      viscosityPaS: liquid.viscosityPaS,
      soundMS: gas.soundMS,
      upstreamBarA,
      downstreamBarA,
      temperatureC: state.temperatureC,
      figures: [
        { what: "vapour fraction by mass", value: percent, unit: "%", origin: "entered" },
        ...liquid.figures.map((f) => ({ ...f, what: `liquid: ${f.what}` })),
        ...gas.figures.map((f) => ({ ...f, what: `vapour: ${f.what}` })),
      ],
    },
  };
}

/** Vapour fraction behind the valve of water at constant enthalpy; null outside the range. */
function boiledOn(share: number, beforeBarA: number, behindBarA: number): number | null {
  const [before, behind] = [saturatedWater(beforeBarA), saturatedWater(behindBarA)];
  if (before === null || behind === null) return null;
  const enthalpy = before.liquidKJKg + share * (before.vapourKJKg - before.liquidKJKg);
  return Math.min(1, Math.max(0, (enthalpy - behind.liquidKJKg) / (behind.vapourKJKg - behind.liquidKJKg)));
}

import { normalMolarVolume } from "../../basis/calc/gas-flow.ts";
import { estimateState } from "../fluid/estimate.ts";
import { isWater } from "../settling/families.ts";
import { Figures, missing, type State, type StreamOfCase, waterAt } from "./stream-figures.ts";

const gasConstant = 8314.46261815324;

/**
 * A gas, a vapour or steam that flows in a case.
 *
 * @param state pressures, temperature, case and duty
 * @returns the stream, or the missing value
 * @source what was entered, IAPWS-IF97 for steam, the table of fluids, `estimateState`
 */
export function gasOf(state: State): StreamOfCase {
  const { duty, upstreamBarA, downstreamBarA, temperatureC, stated, c } = state;
  const own = duty.stated.fluid;
  const { fluid } = duty;
  const figures = new Figures();
  const kelvin = temperatureC + 273.15;
  // A composition defines the vapour over water.
  const watery = c.phase === "steam" || (own.composition === null && isWater(duty.stated, duty.substance));
  const steam = watery ? waterAt(upstreamBarA, temperatureC) : null;
  if (watery && steam === null) return missing("steam data this close to the critical point");
  if (steam?.phase === "water")
    return missing("consistent pressure and temperature: as stated the fluid is water, not steam");
  // In a steam-out case steam flows, whatever the service gas is.
  const ofSteam = steam !== null;
  const estimate = ofSteam || fluid === null ? null : estimateState(fluid, temperatureC, upstreamBarA);
  const molarMassKgKmol = figures.take("molar mass, kg/kmol", "", [
    ofSteam ? 18.015257 : fluid?.molarMassKgKmol,
    fluid?.kind === "mixture" ? "estimate" : "reference",
  ]);
  if (molarMassKgKmol === null) return missing("molar mass of the fluid");
  const compressibility = figures.take(
    "compressibility",
    "",
    [
      steam && (upstreamBarA * 1e5 * molarMassKgKmol) / (steam.densityKgM3 * gasConstant * kelvin),
      "reference",
    ],
    [own.compressibility, "entered"],
    [estimate?.compressibility?.value, "estimate"],
  );
  if (compressibility === null) return missing("compressibility of the gas");
  const isentropicExponent = figures.take(
    "isentropic exponent",
    "",
    [steam?.isentropicExponent, "reference"],
    [own.isentropicExponent, "entered"],
    [fluid?.isentropicExponent, "estimate"],
  );
  if (isentropicExponent === null) return missing("isentropic exponent of the gas");
  const viscosity = figures.take(
    "viscosity",
    "mPa·s",
    [steam && steam.viscosityPaS * 1000, "reference"],
    [own.viscosityMPaS, "entered"],
    [estimate?.viscosityMPaS?.value, "estimate"],
  );
  const densityKgM3 = (upstreamBarA * 1e5 * molarMassKgKmol) / (compressibility * gasConstant * kelvin);
  const rate = stated.rate!;
  const massKgH =
    stated.rateBasis === "kg/h"
      ? rate
      : stated.rateBasis === "m³/h"
        ? rate * densityKgM3
        : (rate * molarMassKgKmol) / normalMolarVolume;
  return {
    stream: {
      kind: "gas",
      flowNm3h: (massKgH * normalMolarVolume) / molarMassKgKmol,
      massKgH,
      densityKgM3,
      // A gas without a figure flows turbulent in all but the smallest trims.
      viscosityPaS: (viscosity ?? 0.02) / 1000,
      molarMassKgKmol,
      compressibility,
      isentropicExponent,
      soundMS: Math.sqrt((isentropicExponent * compressibility * gasConstant * kelvin) / molarMassKgKmol),
      upstreamBarA,
      downstreamBarA,
      temperatureC,
      figures: figures.list,
    },
  };
}

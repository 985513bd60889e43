import { jetDiameterM } from "./noise-bands.ts";

/** A jet of gas in a trim. */
export interface GasJetInput {
  readonly massKgS: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly densityKgM3: number;
  readonly isentropicExponent: number;
  readonly cv: number;
  readonly fd: number;
  readonly fl: number;
  readonly efficiencyExponent: number;
  readonly strouhal: number;
}

/** Sound power of a jet, and its peak frequency. */
export interface GasJet {
  readonly regime: "I" | "II" | "III" | "IV" | "V";
  readonly soundPowerW: number;
  readonly peakHz: number;
}

/**
 * Noise of the jet in a trim: subsonic, sonic with recompression, shocks, or shock cells of constant efficiency.
 *
 * @param input mass flow, kg/s; pressures, bar a; density upstream, kg/m³; γ; C_v; F_d, F_L; exponent of the acoustical
 *   efficiency; Strouhal number
 * @returns regime, sound power, W, peak frequency, Hz
 * @source IEC 60534-8-3:2010, clauses 5.2 to 5.6
 */
export function gasJet(input: GasJetInput): GasJet {
  const { massKgS, upstreamBarA, downstreamBarA, densityKgM3, isentropicExponent: g, fl, strouhal } = input;
  const x = 1 - downstreamBarA / upstreamBarA;
  const criticalX = 1 - (2 / (g + 1)) ** (g / (g - 1));
  const sonicFrom = fl * fl * criticalX;
  const alpha = (1 - criticalX) / (1 - sonicFrom);
  const breakX = 1 - (1 / alpha) * (1 / g) ** (g / (g - 1));
  const constantFrom = 1 - 1 / (22 * alpha);
  const jetM = jetDiameterM(input.cv, fl, input.fd);
  const exponent = 6.6 * fl * fl;
  const base = 10 ** input.efficiencyExponent;
  const pressurePa = upstreamBarA * 1e5;
  const machOf = (ratio: number) => Math.sqrt((2 / (g - 1)) * (ratio ** ((g - 1) / g) - 1));
  if (x <= sonicFrom) {
    const contracted = 1 - x / (fl * fl);
    const mach = machOf(1 / contracted);
    const sound = Math.sqrt(((g * pressurePa) / densityKgM3) * contracted ** ((g - 1) / g));
    const powerW = (massKgS * (mach * sound) ** 2) / 2;
    return {
      regime: "I",
      soundPowerW: base * fl * fl * mach ** 3 * powerW,
      peakHz: (strouhal * mach * sound) / jetM,
    };
  }
  const sound = Math.sqrt((2 * g * pressurePa) / ((g + 1) * densityKgM3));
  const powerW = (massKgS * sound * sound) / 2;
  const fullyMach = machOf(22);
  const mach = x > constantFrom ? fullyMach : Math.min(fullyMach, machOf(1 / (alpha * (1 - x))));
  const mixed = (strouhal * mach * sound) / jetM;
  if (x <= criticalX)
    return { regime: "II", soundPowerW: base * (x / criticalX) * mach ** exponent * powerW, peakHz: mixed };
  if (x <= breakX) return { regime: "III", soundPowerW: base * mach ** exponent * powerW, peakHz: mixed };
  return {
    regime: x <= constantFrom ? "IV" : "V",
    soundPowerW: base * (mach ** 2 / 2) * Math.SQRT2 ** exponent * powerW,
    peakHz: (1.4 * strouhal * sound) / (jetM * Math.sqrt(mach ** 2 - 1)),
  };
}

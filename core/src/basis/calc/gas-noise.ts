import { z } from "zod";
import { cvPerKv } from "../units/definitions.ts";
import { CalculationError, calculation } from "./calculation.ts";
import { gasJet } from "./gas-jet.ts";
import { decibels, energy, outsideLevel, type Pipe, pipeAndAir } from "./noise-bands.ts";

/** A gas through a single-stage trim into a pipe. */
export interface GasNoiseInput {
  readonly massFlowKgH: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly temperatureC: number;
  readonly densityKgM3: number;
  readonly isentropicExponent: number;
  readonly molarMassKgKmol: number;
  readonly kv: number;
  readonly valveOutletMm: number;
  readonly pipeInnerMm: number;
  readonly pipeWallMm: number;
  readonly fd: number;
  readonly fl: number;
  readonly efficiencyExponent?: number | undefined;
  readonly strouhal?: number | undefined;
}

const gasConstant = 8314.46261815324;

/** Energy in a band of noise of unit energy with a peak. */
const inBand = (peakHz: number, hz: number): number => {
  const x = hz / (2 * peakHz);
  const y = peakHz / (2 * hz);
  return 10 ** -0.8 / ((1 + x * x * Math.sqrt(x)) * (1 + y ** 1.7));
};

/** Reduction of the loss by a small outlet, dB; d in m. */
function smallOutletDb(d: number): number {
  if (d > 0.15) return 0;
  if (d < 0.05) return 9;
  return -16660 * d ** 3 + 6370 * d ** 2 - 813 * d + 35.8;
}

/** Share of gas noise that a pipe wall lets through at a frequency. */
function wallLoss({ innerM, wallM }: Pipe, density: number, sound: number, lessDb: number) {
  const more = 1 / energy(lessDb);
  const { pipeSoundMS, steelKgM3, airSoundMS, airImpedance } = pipeAndAir;
  const ring = pipeSoundMS / (Math.PI * innerM);
  const coincidence = (ring / 4) * (sound / airSoundMS);
  const outer = (Math.sqrt(3) * airSoundMS ** 2) / (Math.PI * wallM * pipeSoundMS);
  return (hz: number): number => {
    const low = hz < coincidence;
    const gx = low
      ? (coincidence / ring) ** (2 / 3) * (hz / coincidence) ** 4
      : hz < ring
        ? Math.sqrt(hz / ring)
        : 1;
    const gy = Math.min(1, (low ? coincidence : hz) / outer);
    const damping = Math.sqrt(0.01 / hz);
    const wall = density * sound + 2 * Math.PI * wallM * hz * steelKgM3 * damping;
    const slow = sound / (wallM * hz);
    return (8.25e-7 * slow * slow * gx * more) / (wall / (airImpedance * gy) + 1);
  };
}

/**
 * Noise of a gas or a vapour through a control valve.
 *
 * @param input mass flow, kg/h; pressures, bar a; temperature, °C; density upstream, kg/m³; γ; molar mass, kg/kmol; Kv,
 *   m³/h; outlet of the valve, pipe's inner diameter and wall, mm; F_d, F_L; acoustical efficiency's exponent (−3.8) and
 *   Strouhal number (0.2)
 * @returns `levelDbA`, A-weighted, 1 m from the outer wall of a straight pipe
 * @throws CalculationError `no-pressure-drop`
 * @source IEC 60534-8-3:2010, single-stage trim, pipe downstream; a prediction within some ±5 dB
 */
export function gasNoise(input: GasNoiseInput): { levelDbA: number } {
  const { massFlowKgH, upstreamBarA, downstreamBarA, temperatureC, densityKgM3, molarMassKgKmol } = input;
  const { efficiencyExponent = -3.8, strouhal = 0.2 } = input;
  if (downstreamBarA >= upstreamBarA)
    throw new CalculationError(
      "no-pressure-drop",
      "Without a pressure drop there is no flow.",
      "downstreamBarA",
    );
  const massKgS = massFlowKgH / 3600;
  const outletM = input.valveOutletMm / 1000;
  const [innerM, wallM] = [input.pipeInnerMm / 1000, input.pipeWallMm / 1000];
  const cv = input.kv * cvPerKv;
  const { soundPowerW, peakHz } = gasJet({ ...input, massKgS, cv, efficiencyExponent, strouhal });
  const density = (densityKgM3 * downstreamBarA) / upstreamBarA;
  const sound = Math.sqrt(
    (input.isentropicExponent * gasConstant * (temperatureC + 273.15)) / molarMassKgKmol,
  );
  const mach = (4 * massKgS) / (Math.PI * innerM ** 2 * density * sound);
  const convected = 16 * Math.log10(1 / (1 - Math.min(mach, 0.3)));
  const level = (powerW: number) => decibels((3.2e9 * powerW * density * sound) / innerM ** 2) + convected;
  const jet = level(soundPowerW);
  let inside = (hz: number): number => inBand(peakHz, hz);
  if (mach > 0.3) {
    const pipeMS = (4 * massKgS) / (Math.PI * density * innerM ** 2);
    const outletMS = (pipeMS * innerM ** 2) / (0.93 * outletM ** 2);
    const powerW = ((massKgS * outletMS ** 2) / 2) * ((1 - (outletM / innerM) ** 2) ** 2 + 0.2);
    const expander = level(10 ** efficiencyExponent * (outletMS / sound) ** 3 * powerW);
    const expanderHz = (strouhal * outletMS) / outletM;
    const share = energy(expander - jet);
    inside = (hz) => inBand(peakHz, hz) + share * inBand(expanderHz, hz);
  }
  const pipe = { innerM, wallM };
  return {
    levelDbA: jet + outsideLevel(pipe, inside, wallLoss(pipe, density, sound, smallOutletDb(outletM))),
  };
}

const diameter = () => z.number().positive().max(10_000);

export const gasNoiseCalculation = calculation({
  name: "gas-noise",
  title: "Noise of gas flow through a control valve",
  source: "IEC 60534-8-3:2010",
  schema: () =>
    z.strictObject({
      massFlowKgH: z.number().positive().max(1e9),
      upstreamBarA: z.number().positive().max(10_000),
      downstreamBarA: z.number().positive().max(10_000),
      temperatureC: z.number().gt(-273.15).max(2000),
      densityKgM3: z.number().positive().max(5000),
      isentropicExponent: z.number().gt(1).max(5),
      molarMassKgKmol: z.number().positive().max(1000),
      kv: z.number().positive().max(1e7),
      valveOutletMm: diameter(),
      pipeInnerMm: diameter(),
      pipeWallMm: z.number().positive().max(500),
      fd: z.number().positive().max(1),
      fl: z.number().positive().max(1),
      efficiencyExponent: z.number().min(-8).max(0).optional(),
      strouhal: z.number().positive().max(2).optional(),
    }),
  compute: gasNoise,
});

import { z } from "zod";
import { cvPerKv } from "../units/definitions.ts";
import { CalculationError, calculation } from "./calculation.ts";
import { decibels, jetDiameterM, outsideLevel, type Pipe, pipeAndAir } from "./noise-bands.ts";

/** A liquid through a single-stage trim into a pipe. */
export interface LiquidNoiseInput {
  readonly massFlowKgH: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly vapourPressureBarA: number;
  readonly densityKgM3: number;
  readonly soundSpeedMS: number;
  readonly kv: number;
  readonly valveOutletMm: number;
  readonly pipeInnerMm: number;
  readonly pipeWallMm: number;
  readonly fd: number;
  readonly fl: number;
  readonly xfz?: number | undefined;
  readonly efficiencyExponent?: number | undefined;
}

/**
 * Pressure ratio at which a trim begins to cavitate audibly.
 *
 * @param kv flow coefficient, m³/h
 * @param fl liquid pressure recovery factor
 * @param fd valve style modifier
 * @returns x_Fz at 6 bar a upstream
 * @source IEC 60534-8-4:2015, 5.3.2, where it was not measured
 * @example cavitationRatio(0, 0.9, 0.4) // → 0.9
 */
export const cavitationRatio = (kv: number, fl: number, fd: number): number =>
  0.9 / Math.sqrt(1 + 3 * fd * Math.sqrt((kv * cvPerKv) / (1.17 * fl)));

/**
 * The same ratio at the pressure upstream.
 *
 * @param xfz at 6 bar a
 * @param upstreamBarA pressure upstream, bar a
 * @returns x_Fzp1
 * @source IEC 60534-8-4:2015, 5.3.3
 * @example cavitationRatioAt(0.5, 6) // → 0.5
 */
export const cavitationRatioAt = (xfz: number, upstreamBarA: number): number =>
  xfz * (6 / upstreamBarA) ** 0.125;

/** Share of liquid noise that a pipe wall lets through at a frequency. */
function wallLoss({ innerM, wallM }: Pipe) {
  const { pipeSoundMS, steelKgM3, airSoundMS, airKgM3 } = pipeAndAir;
  const ring = pipeSoundMS / (Math.PI * innerM);
  const mass = (pipeSoundMS * steelKgM3 * wallM) / (airSoundMS * airKgM3 * innerM);
  return (hz: number): number => {
    const x = hz / ring;
    return 0.1 / (mass * (1 / x + x * Math.sqrt(x)) ** 2);
  };
}

/**
 * Noise of a liquid through a control valve.
 *
 * @param input mass flow, kg/h; upstream, downstream and vapour pressure, bar a; density, kg/m³; speed of sound in the
 *   liquid, m/s; Kv, m³/h; outlet of the valve, pipe's inner diameter and wall, mm; F_d, F_L; x_Fz where measured;
 *   acoustical efficiency's exponent (−4.6)
 * @returns `levelDbA`, A-weighted, 1 m from the outer wall of a straight pipe
 * @throws CalculationError `no-pressure-drop`, `flashing`
 * @source IEC 60534-8-4:2015; a prediction within some ±5 dB
 */
export function liquidNoise(input: LiquidNoiseInput): { levelDbA: number } {
  const { upstreamBarA, downstreamBarA, vapourPressureBarA, densityKgM3, soundSpeedMS, kv, fl, fd } = input;
  if (downstreamBarA >= upstreamBarA)
    throw new CalculationError(
      "no-pressure-drop",
      "Without a pressure drop there is no flow.",
      "downstreamBarA",
    );
  if (downstreamBarA <= vapourPressureBarA)
    throw new CalculationError(
      "flashing",
      "The liquid flashes: no method predicts the noise.",
      "downstreamBarA",
    );
  const massKgS = input.massFlowKgH / 3600;
  const [outletM, innerM] = [input.valveOutletMm / 1000, input.pipeInnerMm / 1000];
  const [dropPa, toVapourPa] = [upstreamBarA - downstreamBarA, upstreamBarA - vapourPressureBarA].map(
    (bar) => bar * 1e5,
  ) as [number, number];
  const ratio = dropPa / toVapourPa;
  const chokedPa = Math.min(dropPa, fl * fl * toVapourPa);
  const inception = cavitationRatioAt(input.xfz ?? cavitationRatio(kv, fl, fd), upstreamBarA);
  const jetMS = Math.sqrt((2 * chokedPa) / densityKgM3) / fl;
  const streamW = (massKgS * (jetMS * fl) ** 2) / 2;
  const turbulent = (10 ** (input.efficiencyExponent ?? -4.6) * jetMS) / soundSpeedMS;
  const cavitating = ratio > inception;
  const cavitation = cavitating
    ? 0.32 *
      turbulent *
      Math.sqrt(dropPa / (chokedPa * inception)) *
      Math.exp(5 * inception) *
      Math.sqrt((1 - inception) / (1 - ratio)) *
      (ratio / inception) ** 5 *
      (ratio - inception) ** 1.5
    : 0;
  const soundW = (turbulent + cavitation) * streamW;
  const level = decibels((3.2e9 * soundW * densityKgM3 * soundSpeedMS) / innerM ** 2);
  const cv = kv * cvPerKv;
  const strouhal =
    ((0.036 * fl * fl * cv * fd ** 0.75) / (1.17 * inception ** 1.5 * outletM ** 2)) *
    (1 / toVapourPa) ** 0.57;
  const turbulentHz = (strouhal * jetMS) / jetDiameterM(cv, fl, fd);
  const cavitationHz = 6 * turbulentHz * ((1 - ratio) / (1 - inception)) ** 2 * (inception / ratio) ** 2.5;
  const ofTurbulence = (hz: number) => {
    const x = hz / turbulentHz;
    return 10 ** -0.8 / (0.25 * x * x * x + 1 / x);
  };
  const ofCavitation = (hz: number) => {
    const x = hz / cavitationHz;
    const steep = x * Math.sqrt(x);
    return 10 ** -0.9 / (0.25 * steep + 1 / steep);
  };
  const whole = turbulent + cavitation;
  const inside = (hz: number): number =>
    (turbulent / whole) * ofTurbulence(hz) + (cavitating ? (cavitation / whole) * ofCavitation(hz) : 0);
  const pipe = { innerM, wallM: input.pipeWallMm / 1000 };
  return { levelDbA: level + outsideLevel(pipe, inside, wallLoss(pipe)) };
}

const diameter = () => z.number().positive().max(10_000);
const pressure = () => z.number().min(0).max(10_000);

export const liquidNoiseCalculation = calculation({
  name: "liquid-noise",
  title: "Noise of liquid flow through a control valve",
  source: "IEC 60534-8-4:2015",
  schema: () =>
    z.strictObject({
      massFlowKgH: z.number().positive().max(1e10),
      upstreamBarA: pressure(),
      downstreamBarA: pressure(),
      vapourPressureBarA: pressure(),
      densityKgM3: z.number().positive().max(30_000),
      soundSpeedMS: z.number().positive().max(10_000),
      kv: z.number().positive().max(1e7),
      valveOutletMm: diameter(),
      pipeInnerMm: diameter(),
      pipeWallMm: z.number().positive().max(500),
      fd: z.number().positive().max(1),
      fl: z.number().positive().max(1),
      xfz: z.number().positive().lt(1).optional(),
      efficiencyExponent: z.number().min(-8).max(0).optional(),
    }),
  compute: liquidNoise,
});

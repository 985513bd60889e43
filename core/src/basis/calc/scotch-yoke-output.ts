import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";
import { type SpringInput, springOf } from "./spring-figures.ts";

export interface ScotchYokeInput extends SpringInput {
  pistonDiameterMm: number;
  rodDiameterMm?: number | undefined;
  armMm: number;
  slotOffsetMm?: number | undefined;
  efficiency: number;
  airBarG: number;
}

/** Output of a yoke without springs: at both ends, and the lowest between. */
export interface YokeOutput {
  startNm: number;
  runNm: number;
  endNm: number;
  strokeMm: number;
}

/** Output of a yoke with springs: air from −45° to +45°, the spring back. */
export interface YokeSpringOutput {
  airStartNm: number;
  airRunNm: number;
  airEndNm: number;
  springStartNm: number;
  springRunNm: number;
  springEndNm: number;
  strokeMm: number;
}

const degrees = 900;
const radians = (step: number) => ((step / 10 - 45) * Math.PI) / 180;

/**
 * Output of a scotch yoke at any angle of its stroke.
 *
 * @param input as `scotchYokeOutput`
 * @returns torque from air and spring at a yoke angle of −45° to +45°, in radians, N·m, and the travel of the pin, mm
 * @throws CalculationError `slot-offset-too-large`, `spring-incomplete`
 * @source virtual work: pin travel x(φ) = (e + a·sin φ)/cos φ from −45° to +45°, arm dx/dφ = (a + e·sin φ)/cos²φ
 */
export function scotchYokeAt(input: ScotchYokeInput) {
  const { pistonDiameterMm: d, rodDiameterMm: rod = 0, armMm: a, slotOffsetMm: e = 0, efficiency } = input;
  if (Math.abs(e) * Math.SQRT1_2 >= a)
    throw new CalculationError(
      "slot-offset-too-large",
      "The slot offset gives the yoke no lever arm at one end of its stroke.",
      "slotOffsetMm",
    );
  const spring = springOf(input);
  const airN = input.airBarG * 0.1 * (Math.PI / 4) * (d * d - rod * rod);
  const travel = (phi: number) => (e + a * Math.sin(phi)) / Math.cos(phi);
  const armM = (phi: number) => ((a + e * Math.sin(phi)) / Math.cos(phi) ** 2 / 1000) * efficiency;
  const from = travel(radians(0));
  const springN = (phi: number) =>
    spring === null ? 0 : spring.preloadN + spring.rateNPerMm * (travel(phi) - from);
  return {
    sprung: spring !== null,
    airNm: (phi: number) => (airN - springN(phi)) * armM(phi),
    springNm: (phi: number) => springN(phi) * armM(phi),
    strokeMm: travel(radians(degrees)) - from,
  };
}

/**
 * Output torque of a scotch yoke over a quarter turn, symmetric or canted, double-acting or with a spring.
 *
 * @param input piston and rod diameter, mm (rod 0 where not given); arm a from the shaft's to the rod's axis and slot
 *   offset e, mm (0 symmetric, negative stronger at the start); efficiency 0–1; air, bar g; with a spring its preload, N,
 *   and rate, N/mm
 * @returns torques at start and end and the lowest over the stroke in steps of 0.1°, N·m, and the stroke, mm
 * @throws CalculationError `slot-offset-too-large` where |e|·sin 45° ≥ a, `spring-incomplete`
 * @source virtual work: pin travel x(φ) = (e + a·sin φ)/cos φ from −45° to +45°, arm dx/dφ = (a + e·sin φ)/cos²φ
 * @example scotchYokeOutput({ pistonDiameterMm: 100, armMm: 50, efficiency: 1, airBarG: 0 }).strokeMm // → 100
 */
export function scotchYokeOutput(input: ScotchYokeInput): YokeOutput | YokeSpringOutput {
  const { sprung, airNm, springNm, strokeMm } = scotchYokeAt(input);
  const lowest = (torque: (phi: number) => number) => {
    let least = Number.POSITIVE_INFINITY;
    for (let step = 0; step <= degrees; step++) least = Math.min(least, torque(radians(step)));
    return least;
  };
  const [start, end] = [radians(0), radians(degrees)];
  if (!sprung) return { startNm: airNm(start), runNm: lowest(airNm), endNm: airNm(end), strokeMm };
  return {
    airStartNm: airNm(start),
    airRunNm: lowest(airNm),
    airEndNm: airNm(end),
    springStartNm: springNm(end),
    springRunNm: lowest(springNm),
    springEndNm: springNm(start),
    strokeMm,
  };
}

export const scotchYokeOutputCalculation = calculation({
  name: "scotch-yoke-output",
  title: "Output of a scotch yoke actuator",
  source: "Virtual work of piston, yoke and spring over a quarter turn",
  schema: () =>
    z.strictObject({
      pistonDiameterMm: z.number().positive().max(5000),
      rodDiameterMm: z.number().min(0).max(5000).optional(),
      armMm: z.number().positive().max(5000),
      slotOffsetMm: z.number().min(-5000).max(5000).optional(),
      efficiency: z.number().positive().max(1),
      airBarG: z.number().min(0).max(1000),
      springPreloadN: z.number().min(0).max(1e8).optional(),
      springRateNPerMm: z.number().min(0).max(1e6).optional(),
    }),
  compute: scotchYokeOutput,
});

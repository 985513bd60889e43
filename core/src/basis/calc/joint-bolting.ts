import { z } from "zod";
import { calculation } from "./calculation.ts";
import { boltingProofMPa, screwThread, tighteningNm } from "./screw.ts";

/** Gasket of a joint: where its load acts, and the loads it needs. */
export interface JointGasket {
  readonly gasketMeanDiameterMm: number;
  readonly effectiveWidthMm: number;
  readonly gasketFactor: number;
  readonly seatingStressMPa: number;
}

export interface JointBoltingInput extends JointGasket {
  readonly pressureBarG: number;
  readonly testPressureBarG: number;
  readonly thread: string;
  readonly grade: string;
  /** Of one joint. */
  readonly bolts: number;
  readonly frictionThread: number;
  readonly frictionHead: number;
  readonly utilisation: number;
}

export interface JointLoads {
  operatingLoadN: number;
  testLoadN: number;
  seatingLoadN: number;
}

export interface JointBolting extends JointLoads {
  leastPreloadN: number;
  preloadN: number;
  torqueNm: number;
  marginAtRating: number;
  marginAtTest: number;
  leastUtilisation: number;
  sufficient: boolean;
}

/**
 * Loads that the bolting of a gasketed joint must hold, all bolts together.
 *
 * @param joint mean diameter and effective width of the gasket, mm; gasket factor m and seating stress y, MPa; pressure and
 *   test pressure, bar g
 * @returns operating, test and seating load, N
 * @source ASME BPVC VIII-1 appendix 2: W_m1 = (π/4·G² + 2π·b·G·m)·p, W_m2 = π·b·G·y
 * @example jointLoads({ gasketMeanDiameterMm: 100, effectiveWidthMm: 0, gasketFactor: 0, seatingStressMPa: 0, pressureBarG: 0, testPressureBarG: 0 }).testLoadN // → 0
 */
export function jointLoads({
  gasketMeanDiameterMm: g,
  effectiveWidthMm: b,
  gasketFactor: m,
  seatingStressMPa: y,
  pressureBarG,
  testPressureBarG,
}: JointGasket & Pick<JointBoltingInput, "pressureBarG" | "testPressureBarG">): JointLoads {
  const perMPa = (Math.PI / 4) * g ** 2 + 2 * Math.PI * b * g * m;
  return {
    operatingLoadN: perMPa * 0.1 * pressureBarG,
    testLoadN: perMPa * 0.1 * testPressureBarG,
    seatingLoadN: Math.PI * b * g * y,
  };
}

/**
 * Bolting of a pressure joint: preload and torque, against the loads at rating and in the shell test.
 *
 * @param input gasket, pressures in bar g, `thread` M5 … M52, `grade` of `boltingProofMPa`, bolts of one joint, frictions of
 *   thread and nut, share of the proof stress used 0–1
 * @returns loads, N; least preload a bolt needs and preload it gets, N; torque, N·m; margins as fractions; least share of
 *   the proof stress; whether the preload is sufficient
 * @throws CalculationError `unknown-thread`, `unknown-grade`
 * @source ASME BPVC VIII-1 appendix 2 for the loads, VDI 2230 for the torque
 * @example jointBolting({ gasketMeanDiameterMm: 100, effectiveWidthMm: 5, gasketFactor: 3, seatingStressMPa: 69, pressureBarG: 50, testPressureBarG: 75, thread: "M20", grade: "B7", bolts: 8, frictionThread: 0.12, frictionHead: 0.12, utilisation: 0.7 }).sufficient // → true
 */
export function jointBolting(input: JointBoltingInput): JointBolting {
  const thread = screwThread(input.thread);
  const proofN = boltingProofMPa(input.grade, thread) * thread.stressMm2;
  const loads = jointLoads(input);
  const { operatingLoadN, testLoadN, seatingLoadN } = loads;
  const leastPreloadN = Math.max(operatingLoadN, testLoadN, seatingLoadN) / input.bolts;
  const preloadN = input.utilisation * proofN;
  const held = preloadN * input.bolts;
  return {
    ...loads,
    leastPreloadN,
    preloadN,
    torqueNm: tighteningNm(thread, preloadN, input.frictionThread, input.frictionHead),
    marginAtRating: held / Math.max(operatingLoadN, seatingLoadN) - 1,
    marginAtTest: held / testLoadN - 1,
    leastUtilisation: leastPreloadN / proofN,
    sufficient: preloadN >= leastPreloadN,
  };
}

export const jointBoltingCalculation = calculation({
  name: "joint-bolting",
  title: "Bolting of a pressure joint at rating and in the shell test",
  source: "ASME BPVC VIII-1 appendix 2, VDI 2230",
  schema: () =>
    z.strictObject({
      gasketMeanDiameterMm: z.number().positive().max(10_000),
      effectiveWidthMm: z.number().positive().max(200),
      gasketFactor: z.number().min(0).max(20),
      seatingStressMPa: z.number().min(0).max(1000),
      pressureBarG: z.number().positive().max(10_000),
      testPressureBarG: z.number().positive().max(20_000),
      thread: z.string().max(20),
      grade: z.string().max(20),
      bolts: z.number().int().min(1).max(200),
      frictionThread: z.number().min(0).max(2),
      frictionHead: z.number().min(0).max(2),
      utilisation: z.number().positive().max(1),
    }),
  compute: jointBolting,
});

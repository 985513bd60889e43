import { z } from "zod";
import { calculation } from "./calculation.ts";
import { metricProofMPa, screwThread, tighteningNm } from "./screw.ts";

export interface BoltTighteningInput {
  thread: string;
  grade: string;
  utilisation: number;
  frictionThread: number;
  frictionHead: number;
  bolts?: number | undefined;
  boltCircleMm?: number | undefined;
  jointFriction?: number | undefined;
}

export interface BoltTightening {
  preloadN: number;
  torqueNm: number;
  /** From the friction of the joint alone; only where circle and friction are given. */
  transmissibleNm?: number;
}

/** Modulus of steel; stretch of the clamped parts as a share of the screw's; settling of faces and threads, mm. */
const [youngMPa, partsGive, setsMm] = [205_000, 0.25, 0.015];

/**
 * How far a screw is turned from snug where no torque wrench fits.
 *
 * @param bolting thread, grade, share of its proof stress used 0–1
 * @returns degrees of turn, an estimate: the screw is taken to clamp a plate as thick as itself and to strain over twice
 *   its diameter
 * @throws CalculationError `unknown-thread`, `unknown-grade`
 * @source 360/P·(1.25·σ·2d/E + embedding), VDI 2230: E = 205 GPa, parts a quarter as soft as the screw, 15 µm of
 *   embedding in three joints
 * @example turnFromSnugDegrees({ thread: "M10", grade: "8.8", utilisation: 0 }) // → 3.6
 */
export function turnFromSnugDegrees(
  bolting: Pick<BoltTighteningInput, "thread" | "grade" | "utilisation">,
): number {
  const thread = screwThread(bolting.thread);
  const { d, pitch } = thread;
  const proof = metricProofMPa(bolting.grade, thread);
  return (360 / pitch) * (((1 + partsGive) * bolting.utilisation * proof * 2 * d) / youngMPa + setsMm);
}

/**
 * Preload and tightening torque of a screw, and the torque that a bolt circle transmits by friction alone.
 *
 * @param input `thread` M5 … M52 coarse, `grade` 8.8, 10.9, A2-70, A4-70 or A4-80, share of the proof stress used 0–1,
 *   frictions of thread and head as numbers; bolts (4 where not given), bolt circle, mm, and friction of the joint
 * @returns preload, N; tightening torque, N·m; transmissible torque n·F·μ·PCD/2, N·m, where circle and friction are given
 * @throws CalculationError `unknown-thread`, `unknown-grade`
 * @source VDI 2230: d₂ = d − 0.649519P, d₃ = d − 1.226869P, A_s = π/4·((d₂+d₃)/2)², M = F·(P/2π + μ_th·d₂/(2·cos 30°) + μ_h·1.3d/2); ISO 898-1, ISO 3506-1
 * @example boltTightening({ thread: "M10", grade: "8.8", utilisation: 0, frictionThread: 0.12, frictionHead: 0.12 }).torqueNm // → 0
 */
export function boltTightening(input: BoltTighteningInput): BoltTightening {
  const { utilisation, frictionThread, frictionHead } = input;
  const thread = screwThread(input.thread);
  const preloadN = utilisation * metricProofMPa(input.grade, thread) * thread.stressMm2;
  const tightened = { preloadN, torqueNm: tighteningNm(thread, preloadN, frictionThread, frictionHead) };
  const { bolts = 4, boltCircleMm, jointFriction } = input;
  if (boltCircleMm === undefined || jointFriction === undefined) return tightened;
  return { ...tightened, transmissibleNm: (bolts * preloadN * jointFriction * boltCircleMm) / 2 / 1000 };
}

export const boltTighteningCalculation = calculation({
  name: "bolt-tightening",
  title: "Tightening torque of screws and torque carried by friction",
  source: "VDI 2230, ISO 898-1, ISO 3506-1",
  schema: () =>
    z.strictObject({
      thread: z.string().max(20),
      grade: z.string().max(20),
      utilisation: z.number().min(0).max(1),
      frictionThread: z.number().min(0).max(2),
      frictionHead: z.number().min(0).max(2),
      bolts: z.number().int().min(1).max(100).optional(),
      boltCircleMm: z.number().positive().max(5000).optional(),
      jointFriction: z.number().min(0).max(2).optional(),
    }),
  compute: boltTightening,
});

import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";

/** Pitch of coarse metric threads, mm, by name. */
const pitches: Readonly<Record<string, number>> = {
  M5: 0.8,
  M6: 1,
  M8: 1.25,
  M10: 1.5,
  M12: 1.75,
  M16: 2,
  M20: 2.5,
  M24: 3,
  M30: 3.5,
  M36: 4,
  M42: 4.5,
};

/** Yield or 0.2 % proof stress of a grade, MPa, for threads up to M16 and above. */
const proofMPa: Readonly<Record<string, readonly [upToM16: number, above: number]>> = {
  "8.8": [640, 660],
  "10.9": [940, 940],
  "A2-70": [450, 450],
  "A4-70": [450, 450],
  "A4-80": [600, 600],
};

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

/** Diameter and pitch of a screw, mm, and its proof stress, MPa. */
function screw({ thread, grade }: Pick<BoltTighteningInput, "thread" | "grade">) {
  const pitch = Object.hasOwn(pitches, thread) ? pitches[thread]! : undefined;
  if (pitch === undefined)
    throw new CalculationError(
      "unknown-thread",
      `"${thread}" is not one of ${Object.keys(pitches).join(", ")}.`,
      "thread",
    );
  const proofs = Object.hasOwn(proofMPa, grade) ? proofMPa[grade]! : undefined;
  if (proofs === undefined)
    throw new CalculationError(
      "unknown-grade",
      `"${grade}" is not one of ${Object.keys(proofMPa).join(", ")}.`,
      "grade",
    );
  const d = Number(thread.slice(1));
  return { d, pitch, proof: proofs[d > 16 ? 1 : 0] };
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
  const { d, pitch, proof } = screw(bolting);
  return (360 / pitch) * (((1 + partsGive) * bolting.utilisation * proof * 2 * d) / youngMPa + setsMm);
}

/**
 * Preload and tightening torque of a screw, and the torque that a bolt circle transmits by friction alone.
 *
 * @param input `thread` M5 … M42 coarse, `grade` 8.8, 10.9, A2-70, A4-70 or A4-80, share of the proof stress used 0–1,
 *   frictions of thread and head as numbers; bolts (4 where not given), bolt circle, mm, and friction of the joint
 * @returns preload, N; tightening torque, N·m; transmissible torque n·F·μ·PCD/2, N·m, where circle and friction are given
 * @throws CalculationError `unknown-thread`, `unknown-grade`
 * @source VDI 2230: d₂ = d − 0.649519P, d₃ = d − 1.226869P, A_s = π/4·((d₂+d₃)/2)², M = F·(P/2π + μ_th·d₂/(2·cos 30°) + μ_h·1.3d/2); ISO 898-1, ISO 3506-1
 * @example boltTightening({ thread: "M10", grade: "8.8", utilisation: 0, frictionThread: 0.12, frictionHead: 0.12 }).torqueNm // → 0
 */
export function boltTightening(input: BoltTighteningInput): BoltTightening {
  const { utilisation, frictionThread, frictionHead } = input;
  const { d, pitch, proof } = screw(input);
  const flank = d - 0.649519 * pitch;
  const root = d - 1.226869 * pitch;
  const stressMm2 = (Math.PI / 4) * ((flank + root) / 2) ** 2;
  const preloadN = utilisation * proof * stressMm2;
  const armMm =
    pitch / (2 * Math.PI) +
    (frictionThread * flank) / (2 * Math.cos(Math.PI / 6)) +
    (frictionHead * 1.3 * d) / 2;
  const tightened = { preloadN, torqueNm: (preloadN * armMm) / 1000 };
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

import { CalculationError } from "./calculation.ts";

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
  M48: 5,
  M52: 5,
};

/** Coarse metric threads by rising diameter. */
export const threadNames: readonly string[] = Object.keys(pitches);

/** A metric thread: diameters and pitch, mm, and its stress area, mm². */
export interface ScrewThread {
  readonly d: number;
  readonly pitch: number;
  readonly flankMm: number;
  readonly stressMm2: number;
}

/**
 * Dimensions of a coarse metric thread.
 *
 * @param thread M5 … M52
 * @returns diameter, pitch and flank diameter, mm; stress area, mm²
 * @throws CalculationError `unknown-thread`
 * @source ISO 724, ISO 898-1: d₂ = d − 0.649519P, d₃ = d − 1.226869P, A_s = π/4·((d₂+d₃)/2)²
 * @example screwThread("M10").pitch // → 1.5
 */
export function screwThread(thread: string): ScrewThread {
  const pitch = Object.hasOwn(pitches, thread) ? pitches[thread]! : undefined;
  if (pitch === undefined)
    throw new CalculationError(
      "unknown-thread",
      `"${thread}" is not one of ${Object.keys(pitches).join(", ")}.`,
      "thread",
    );
  const d = Number(thread.slice(1));
  const flankMm = d - 0.649519 * pitch;
  const root = d - 1.226869 * pitch;
  return { d, pitch, flankMm, stressMm2: (Math.PI / 4) * ((flankMm + root) / 2) ** 2 };
}

/**
 * Tightening torque of a screw for a preload.
 *
 * @param thread its thread
 * @param preloadN preload, N
 * @param frictionThread friction of the thread
 * @param frictionHead friction under the head or nut
 * @returns N·m
 * @source VDI 2230: M = F·(P/2π + μ_th·d₂/(2·cos 30°) + μ_h·1.3d/2)
 * @example tighteningNm(screwThread("M10"), 0, 0.12, 0.12) // → 0
 */
export function tighteningNm(
  { d, pitch, flankMm }: ScrewThread,
  preloadN: number,
  frictionThread: number,
  frictionHead: number,
): number {
  const armMm =
    pitch / (2 * Math.PI) +
    (frictionThread * flankMm) / (2 * Math.cos(Math.PI / 6)) +
    (frictionHead * 1.3 * d) / 2;
  return (preloadN * armMm) / 1000;
}

/** Yield or 0.2 % proof stress of metric grades, MPa, for threads up to M16 and above. */
const metricMPa: Readonly<Record<string, readonly [upToM16: number, above: number]>> = {
  "8.8": [640, 660],
  "10.9": [940, 940],
  "A2-70": [450, 450],
  "A4-70": [450, 450],
  "A4-80": [600, 600],
};

const unknownGrade = (grade: string, thread: ScrewThread, known: readonly string[]) =>
  new CalculationError(
    "unknown-grade",
    `"${grade}" has no proof stress for M${thread.d}. Use one of ${known.join(", ")}.`,
    "grade",
  );

/**
 * Proof stress of a metric screw grade.
 *
 * @param grade 8.8, 10.9, A2-70, A4-70 or A4-80
 * @param thread its thread
 * @returns yield or 0.2 % proof stress, MPa
 * @throws CalculationError `unknown-grade`
 * @source ISO 898-1, ISO 3506-1
 * @example metricProofMPa("8.8", screwThread("M10")) // → 640
 */
export function metricProofMPa(grade: string, thread: ScrewThread): number {
  if (!Object.hasOwn(metricMPa, grade)) throw unknownGrade(grade, thread, Object.keys(metricMPa));
  return metricMPa[grade]![thread.d > 16 ? 1 : 0];
}

/** 0.2 % proof stress of stud grades, MPa, each up to a thread diameter. */
const studMPa: Readonly<Record<string, readonly (readonly [upToMm: number, proof: number])[]>> = {
  B7: [[52, 720]],
  L7: [[52, 720]],
  B16: [[52, 725]],
  B7M: [[52, 550]],
  L7M: [[52, 550]],
  "660": [[52, 585]],
  "B8 cl.1": [[52, 205]],
  "B8M cl.1": [[52, 205]],
  "B8 cl.2": [
    [20, 690],
    [24, 550],
    [30, 450],
    [36, 345],
  ],
  "B8M cl.2": [
    [20, 655],
    [24, 550],
    [30, 450],
    [36, 345],
  ],
};

/** Grades of studs and screws with a known proof stress. */
export const boltingGrades: readonly string[] = [...Object.keys(studMPa), ...Object.keys(metricMPa)];

/**
 * Proof stress of a stud or a screw of a pressure joint.
 *
 * @param grade ASTM A193/A320/A453 grade, or a metric grade
 * @param thread its thread
 * @returns yield or 0.2 % proof stress, MPa
 * @throws CalculationError `unknown-grade`, also for a strain-hardened grade above its largest diameter
 * @source ASTM A193, A320, A453 by diameter; ISO 898-1, ISO 3506-1
 * @example boltingProofMPa("B7", screwThread("M24")) // → 720
 */
export function boltingProofMPa(grade: string, thread: ScrewThread): number {
  if (!Object.hasOwn(studMPa, grade) && Object.hasOwn(metricMPa, grade)) return metricProofMPa(grade, thread);
  const proof = Object.hasOwn(studMPa, grade)
    ? studMPa[grade]!.find(([upToMm]) => thread.d <= upToMm)?.[1]
    : undefined;
  if (proof === undefined)
    throw unknownGrade(grade, thread, [...Object.keys(studMPa), ...Object.keys(metricMPa)]);
  return proof;
}

import type { Drive, Supplies } from "../drives/index.ts";
import { angles, type OverStroke, type StrokeName } from "../stroke/index.ts";

/** Degrees of a stroke, one by one, at which `everyDegree` reads. */
const degrees = Array.from({ length: 90 }, (_, at) => at + 0.5);

/**
 * A profile at every degree.
 *
 * @param stroke torques at the angles of a profile, N·m, counted from shut
 * @param name opening reads it forwards, closing backwards
 * @returns 90 torques, in the order they are met
 * @source straight lines between the angles of a profile
 */
export function everyDegree(stroke: OverStroke, name: StrokeName): number[] {
  const step = angles[1]!;
  const read = degrees.map((degree) => {
    const at = Math.floor(degree / step);
    const share = degree / step - at;
    return stroke[at]! * (1 - share) + stroke[at + 1]! * share;
  });
  return name === "opening" ? read : read.reverse();
}

/**
 * What a duty brings, with the air at one pressure.
 *
 * @param supplies what the duty brings
 * @param barG bar g
 * @returns supplies whose air is the same at both ends
 */
export const withAir = (supplies: Supplies, barG: number): Supplies => ({
  ...supplies,
  airMinimumBarG: barG,
  airMaximumBarG: barG,
});

/** What a bar of air adds to the torque over a stroke at each degree, N·m; null where springs alone drive it. */
export interface Gain {
  readonly opening: readonly number[] | null;
  readonly closing: readonly number[] | null;
}
const known = new WeakMap<Drive, Gain>();

/**
 * What a bar of air adds to the torque of a drive.
 *
 * @param drive a drive on air
 * @param supplies what the duty brings besides
 * @returns N·m for a bar at each degree of either stroke, in the order they are met
 * @source output is linear in the pressure
 */
export function perBar(drive: Drive, supplies: Supplies): Gain {
  const had = known.get(drive);
  if (had) return had;
  const [low, high] = [2, 3].map((barG) => drive.outputAt(withAir(supplies, barG), "lowest"));
  const of = (name: StrokeName) => {
    const [less, more] = [everyDegree(low![name], name), everyDegree(high![name], name)];
    const gained = more.map((nm, degree) => nm - less[degree]!);
    return gained.every((nm) => nm > 0) ? gained : null;
  };
  const gain = { opening: of("opening"), closing: of("closing") };
  known.set(drive, gain);
  return gain;
}

/**
 * Volume swept at each degree.
 *
 * @param perBarNm torque a bar adds at each degree, N·m
 * @param efficiency share of the air's work that reaches the stem
 * @returns dm³ at each degree
 * @source virtual work: η·p·dV = T·dφ; a bar and a litre are 100 N·m
 * @example Math.round(1e6 * sweptBy([100], 1)[0]) // → 17453
 */
export const sweptBy = (perBarNm: readonly number[], efficiency: number): number[] =>
  perBarNm.map((nm) => (nm * (Math.PI / 180)) / 100 / efficiency);

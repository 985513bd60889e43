/** One step between two angles of a profile, degrees. */
const stepDegrees = 3;

/** Angles at which every profile is given, degrees from shut: 0, 3 … 90. */
export const angles: readonly number[] = Array.from(
  { length: 90 / stepDegrees + 1 },
  (_, i) => i * stepDegrees,
);

/** Torques at each of `angles`, N·m, counted from shut whichever way the valve turns. */
export type OverStroke = readonly number[];

/** Torque over both strokes of a quarter turn: demand of a valve, or output of its operator. */
export interface Profile {
  readonly opening: OverStroke;
  readonly closing: OverStroke;
}

export const strokes = ["opening", "closing"] as const;
export type StrokeName = (typeof strokes)[number];

/**
 * One stroke of a torque that is known at any angle.
 *
 * @param torqueAt N·m at degrees from shut, 0–90
 * @returns torques at `angles`
 * @example overStroke((degrees) => degrees)[1] // → 3
 */
export const overStroke = (torqueAt: (degrees: number) => number): OverStroke => angles.map(torqueAt);

/**
 * One stroke that changes evenly with the angle.
 *
 * @param atShut N·m at 0°
 * @param atOpen N·m at 90°
 * @returns torques at `angles`
 * @example evenly(10, 4)[0] // → 10
 */
export function evenly(atShut: number, atOpen: number): OverStroke {
  const stroke = new Array<number>(angles.length);
  for (let i = 0; i < stroke.length; i++) stroke[i] = atShut + ((atOpen - atShut) * angles[i]!) / 90;
  return stroke;
}

/**
 * The same torque at every angle of both strokes.
 *
 * @param nm N·m
 * @returns the profile
 * @example steady(5).closing[30] // → 5
 */
export function steady(nm: number): Profile {
  const stroke = evenly(nm, nm);
  return { opening: stroke, closing: stroke };
}

const times = (stroke: OverStroke, by: number): OverStroke => {
  const scaledStroke = new Array<number>(stroke.length);
  for (let i = 0; i < stroke.length; i++) scaledStroke[i] = stroke[i]! * by;
  return scaledStroke;
};

/**
 * A profile with every torque multiplied by one factor.
 *
 * @param profile N·m, or shares
 * @param by factor
 * @returns the profile
 * @example scaled(steady(2), 3).opening[0] // → 6
 */
export const scaled = ({ opening, closing }: Profile, by: number): Profile => ({
  opening: times(opening, by),
  closing: times(closing, by),
});

function greater(a: OverStroke, b: OverStroke): OverStroke {
  const maxima = new Array<number>(a.length);
  for (let i = 0; i < maxima.length; i++) maxima[i] = Math.max(a[i]!, b[i]!);
  return maxima;
}

function sum(a: OverStroke, b: OverStroke): OverStroke {
  const both = new Array<number>(a.length);
  for (let i = 0; i < both.length; i++) both[i] = a[i]! + b[i]!;
  return both;
}

/**
 * Two profiles that act at once.
 *
 * @param a N·m
 * @param b N·m
 * @returns their sum at every angle
 * @example together(steady(2), steady(3)).closing[0] // → 5
 */
export const together = (a: Profile, b: Profile): Profile => ({
  opening: sum(a.opening, b.opening),
  closing: sum(a.closing, b.closing),
});

/**
 * The envelope of several profiles.
 *
 * @param profiles N·m; at least one
 * @returns the greatest of them at every angle
 * @example covering([steady(2), steady(3)]).opening[0] // → 3
 */
export const covering = (profiles: readonly Profile[]): Profile =>
  profiles.reduce((a, b) => ({
    opening: greater(a.opening, b.opening),
    closing: greater(a.closing, b.closing),
  }));

/**
 * The greatest torque anywhere on either stroke.
 *
 * @param profile N·m
 * @returns N·m
 * @example peakOf(steady(7)) // → 7
 */
export function peakOf({ opening, closing }: Profile): number {
  let maximum = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < opening.length; i++) maximum = Math.max(maximum, opening[i]!, closing[i]!);
  return maximum;
}

import { angles, type OverStroke, type StrokeName } from "../../basis/stroke/profile.ts";
import type { Drive, Supplies } from "../../equipment/drives/kind.ts";

/** Degrees of a stroke, one by one, at which `everyDegree` reads. */
const degrees = Array.from({ length: 90 }, (_, index) => index + 0.5);

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
    const index = Math.floor(degree / step);
    const share = degree / step - index;
    return stroke[index]! * (1 - share) + stroke[index + 1]! * share;
  });
  return name === "opening" ? read : read.reverse();
}

/**
 * Supplies of a duty, with air at one pressure.
 *
 * @param supplies of the duty
 * @param barG bar g
 * @returns supplies whose air is the same at both ends
 */
const withAir = (supplies: Supplies, barG: number): Supplies => ({
  ...supplies,
  airMinimumBarG: barG,
  airMaximumBarG: barG,
});

/** Values of an actuator on air that are the same on every valve. */
export interface Cylinder {
  /** Torque per bar at each degree, N·m, in the order of the stroke; null where springs drive. */
  readonly perBar: Readonly<Record<StrokeName, readonly number[] | null>>;
  /** Volume of the side air drives at each degree, in the order of the stroke named, dm³. */
  readonly swept: Readonly<Record<StrokeName, readonly number[]>>;
  readonly sweptL: number;
  /** Output at a pressure at each degree, N·m. */
  readonly gives: (name: StrokeName, barG: number) => readonly number[];
}
const known = new WeakMap<Drive, Cylinder | null>();

function cylinderAt(drive: Drive, supplies: Supplies): Cylinder | null {
  const remembered = new Map<string, readonly number[]>();
  const gives = (name: StrokeName, barG: number) => {
    const key = `${name} ${barG}`;
    let torques = remembered.get(key);
    if (torques === undefined) {
      torques = everyDegree(drive.outputAt(withAir(supplies, barG), "lowest")[name], name);
      // A slider tries many pressures.
      if (remembered.size > 40) remembered.clear();
      remembered.set(key, torques);
    }
    return torques;
  };
  const outputOf = (name: StrokeName) => {
    const less = gives(name, 2);
    const gained = gives(name, 3).map((nm, degree) => nm - less[degree]!);
    return gained.every((nm) => nm > 0) ? gained : null;
  };
  const perBar = { opening: outputOf("opening"), closing: outputOf("closing") };
  const { efficiency = 1 } = drive.family.sizes.find(({ id }) => id === drive.sizeId) as {
    efficiency?: number;
  };
  const opening = perBar.opening ?? perBar.closing?.slice().reverse();
  const closing = perBar.closing ?? perBar.opening?.slice().reverse();
  if (!opening || !closing) return null;
  const swept = { opening: sweptBy(opening, efficiency), closing: sweptBy(closing, efficiency) };
  return { perBar, swept, sweptL: swept.opening.reduce((sum, litres) => sum + litres, 0), gives };
}

/**
 * A drive on air as a cylinder.
 *
 * @param drive a drive
 * @param supplies other supplies of the duty
 * @returns torque a bar adds in N·m and volume swept in dm³ at each degree; null where more air adds nothing
 * @source output is linear in the pressure
 */
export function cylinderOf(drive: Drive, supplies: Supplies): Cylinder | null {
  const cached = known.get(drive);
  if (cached !== undefined) return cached;
  const made = cylinderAt(drive, supplies);
  known.set(drive, made);
  return made;
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
const sweptBy = (perBarNm: readonly number[], efficiency: number): number[] =>
  perBarNm.map((nm) => (nm * (Math.PI / 180)) / 100 / efficiency);

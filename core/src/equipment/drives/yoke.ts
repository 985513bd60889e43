/** A piston on a scotch yoke, for any medium. */
import { z } from "zod";
import type { Action } from "../../basis/calc/actuator-margin.ts";
import { scotchYokeAt } from "../../basis/calc/scotch-yoke-output.ts";
import { type OverStroke, overStroke, type Profile } from "../../basis/stroke/profile.ts";
import { positive } from "./shared-schema.ts";
import type { SpringSet } from "./with-springs.ts";

export const yokeDimensions = {
  pistonDiameterMm: positive,
  rodDiameterMm: z.number().min(0),
  armMm: positive,
  /** 0 symmetric; negative for a canted slot that is stronger where the piston starts. */
  slotOffsetMm: z.number(),
  efficiency: z.number().positive().max(1),
};
export const yokeColumns = [
  "piston_diameter_mm",
  "rod_diameter_mm",
  "arm_mm",
  "slot_offset_mm",
  "efficiency",
];

export interface Yoke {
  readonly pistonDiameterMm: number;
  readonly rodDiameterMm: number;
  readonly armMm: number;
  readonly slotOffsetMm: number;
  readonly efficiency: number;
}

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Torque per bar and spring torque, N·m, from the start to the end of the piston's stroke. */
interface Curves {
  readonly perBar: OverStroke;
  readonly spring: OverStroke | null;
}

const known = new WeakMap<Yoke, Map<SpringSet | undefined, Curves>>();

/** Output is linear in the pressure: two curves describe a yoke for any medium. */
function curvesOf(yoke: Yoke, set?: SpringSet): Curves {
  let ofYoke = known.get(yoke);
  if (!ofYoke) {
    ofYoke = new Map();
    known.set(yoke, ofYoke);
  }
  const cached = ofYoke.get(set);
  if (cached) return cached;
  const springs = set && { springPreloadN: set.preloadN, springRateNPerMm: set.rateNPerMm };
  const { airNm } = scotchYokeAt({ ...yoke, airBarG: 1 });
  const { springNm } = scotchYokeAt({ ...yoke, airBarG: 0, ...springs });
  const along = (torque: (phi: number) => number) => overStroke((degrees) => torque(radians(degrees - 45)));
  const curves = { perBar: along(airNm), spring: set ? along(springNm) : null };
  ofYoke.set(set, curves);
  return curves;
}

/**
 * Output of a yoke over both strokes of a valve.
 *
 * @param yoke its dimensions, mm
 * @param pressureBarG on the piston, bar g
 * @param action which stroke the spring drives, if any; the yoke begins where its piston does
 * @param set springs, N and N/mm
 * @returns torques over the stroke, N·m
 * @source virtual work of piston, yoke and spring
 */
export function yokeProfile(yoke: Yoke, pressureBarG: number, action: Action, set?: SpringSet): Profile {
  const { perBar, spring } = curvesOf(yoke, set);
  const pressed = perBar.map((nm, index) => nm * pressureBarG - (spring?.[index] ?? 0));
  if (action === "double-acting") return { opening: pressed, closing: pressed };
  // Without a spring set there is no spring action.
  const sprung = spring ?? perBar.map(() => 0);
  return action === "spring-to-close"
    ? { opening: pressed, closing: sprung }
    : { opening: sprung.slice().reverse(), closing: pressed.reverse() };
}

/**
 * Contradictions within a yoke.
 *
 * @param yoke its dimensions, mm
 * @returns faults by field
 */
export const yokeFaults = ({ pistonDiameterMm, rodDiameterMm, armMm, slotOffsetMm }: Yoke) => [
  ...(rodDiameterMm >= pistonDiameterMm
    ? [{ field: "rodDiameterMm", reason: "the rod leaves no piston area for the pressure" }]
    : []),
  ...(Math.abs(slotOffsetMm) * Math.SQRT1_2 >= armMm
    ? [{ field: "slotOffsetMm", reason: "the slot offset gives the yoke no lever arm at one end" }]
    : []),
];

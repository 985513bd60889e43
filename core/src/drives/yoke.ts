/** A piston on a scotch yoke, whatever presses on the piston. */
import { z } from "zod";
import type { Action } from "../calc/actuator-margin.ts";
import { scotchYokeAt } from "../calc/scotch-yoke-output.ts";
import { overStroke, type Profile } from "../stroke/index.ts";
import { positive } from "./shared-schema.ts";
import type { SpringSet } from "./with-springs.ts";

export const yokeDimensions = {
  pistonDiameterMm: positive,
  rodDiameterMm: z.number().min(0),
  armMm: positive,
  /** 0 symmetric; negative for a canted slot that is stronger where the piston begins. */
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

/**
 * What a yoke gives over both strokes of a valve.
 *
 * @param yoke its dimensions, mm
 * @param pressureBarG on the piston, bar g
 * @param action which stroke the spring drives, if any; the yoke begins where its piston does
 * @param set springs, N and N/mm
 * @returns torques over the stroke, N·m
 * @source virtual work of piston, yoke and spring
 */
export function yokeProfile(yoke: Yoke, pressureBarG: number, action: Action, set?: SpringSet): Profile {
  const { airNm, springNm } = scotchYokeAt({
    ...yoke,
    airBarG: pressureBarG,
    ...(set && { springPreloadN: set.preloadN, springRateNPerMm: set.rateNPerMm }),
  });
  const fromShut = (degrees: number) => radians(degrees - 45);
  const fromOpen = (degrees: number) => radians(45 - degrees);
  if (action === "double-acting") {
    const both = overStroke((degrees) => airNm(fromShut(degrees)));
    return { opening: both, closing: both };
  }
  return action === "spring-to-close"
    ? {
        opening: overStroke((degrees) => airNm(fromShut(degrees))),
        closing: overStroke((degrees) => springNm(fromShut(degrees))),
      }
    : {
        opening: overStroke((degrees) => springNm(fromOpen(degrees))),
        closing: overStroke((degrees) => airNm(fromOpen(degrees))),
      };
}

/**
 * What of a yoke contradicts itself.
 *
 * @param yoke its dimensions, mm
 * @returns faults by field
 */
export const yokeFaults = ({ pistonDiameterMm, rodDiameterMm, armMm, slotOffsetMm }: Yoke) => [
  ...(rodDiameterMm >= pistonDiameterMm
    ? [{ field: "rodDiameterMm", reason: "the rod leaves no piston to press on" }]
    : []),
  ...(Math.abs(slotOffsetMm) * Math.SQRT1_2 >= armMm
    ? [{ field: "slotOffsetMm", reason: "the slot's offset leaves the yoke without an arm at one end" }]
    : []),
];

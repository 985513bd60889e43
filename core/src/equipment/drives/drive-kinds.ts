import { z } from "zod";
import { bevelGear } from "./bevel-gear.ts";
import { electricCapacitorReturn } from "./electric-capacitor-return.ts";
import { electricModulating } from "./electric-modulating.ts";
import { electricMultiTurn } from "./electric-multi-turn.ts";
import { electricOnOff } from "./electric-on-off.ts";
import { electricSpringReturn } from "./electric-spring-return.ts";
import { electroHydraulic } from "./electro-hydraulic.ts";
import { gasOverOil } from "./gas-over-oil.ts";
import { handwheelGearbox } from "./handwheel-gearbox.ts";
import { hydraulic } from "./hydraulic.ts";
import type { AnyFamily, Drive, DriveKind } from "./kind.ts";
import { lever } from "./lever.ts";
import { rackAndPinion } from "./rack-and-pinion.ts";
import { scotchYoke } from "./scotch-yoke.ts";
import { vane } from "./vane.ts";

const kinds = [
  rackAndPinion,
  scotchYoke,
  vane,
  electricOnOff,
  electricModulating,
  electricSpringReturn,
  electricCapacitorReturn,
  electricMultiTurn,
  electroHydraulic,
  hydraulic,
  gasOverOil,
  lever,
  handwheelGearbox,
  bevelGear,
] as const;

/** Every kind of actuator; no other file names one. */
export const driveKinds: readonly DriveKind[] = kinds;

export type DriveFamily = z.infer<(typeof kinds)[number]["schema"]>;

/** One family of drives, of any kind. */
export const driveFamilySchema: z.ZodType<DriveFamily> = z.union(kinds.map((kind) => kind.schema));

/**
 * Values of a family that belong to its kind.
 *
 * @param family a family of a checked catalogue
 * @returns its kind
 */
export function kindOf(family: AnyFamily): DriveKind {
  return driveKinds.find(({ kind }) => kind === family.kind)!;
}

/**
 * Every drive of a family that can be ordered.
 *
 * @param family a family of a checked catalogue
 * @returns drives from the smallest size up
 * @source the catalogue; output by the statics of its kind
 */
export function drivesOfFamily(family: DriveFamily): Drive[] {
  return kindOf(family).drivesOf(family);
}

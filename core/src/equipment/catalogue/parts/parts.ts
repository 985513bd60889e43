import { cavity } from "./cavity.ts";
import { drive, driveFamily, driveFittings, driveOnSupplyLoss } from "./drive.ts";
import { flow } from "./flow.ts";
import { grade } from "./grade.ts";
import { line } from "./line.ts";
import { pressureClass } from "./pressure-class.ts";
import { seals } from "./seals.ts";
import { seat, seatMaterial } from "./seat.ts";
import { size } from "./size.ts";
import { trim } from "./trim.ts";

/** Parts of a valve that a finding may depend on. */
export const valveParts = [
  line,
  size,
  pressureClass,
  grade,
  cavity,
  trim,
  flow,
  seat,
  seatMaterial,
  seals,
] as const;

/** Parts of an operator that a finding may depend on. */
export const trainParts = [drive, driveFamily, driveOnSupplyLoss, driveFittings] as const;

/** All parts of a candidate that a finding may depend on. */
export const parts = [...valveParts, ...trainParts] as const;

export type PartPath = (typeof parts)[number]["path"];
/**
 * Places of parts among all parts, in that order.
 *
 * @param paths parts
 * @returns their places, rising
 * @example placesOf(["line"]) // → [0]
 */
export const placesOf = (paths: readonly PartPath[]): number[] =>
  parts.flatMap(({ path }, index) => (paths.includes(path) ? [index] : []));

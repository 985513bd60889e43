import type { DriveTrain } from "../drive-train.ts";
import type { UnnumberedValve } from "../unnumbered-valve.ts";

/** Owner of a part: the valve, or its operator. */
interface Carriers {
  readonly valve: UnnumberedValve;
  readonly train: Pick<DriveTrain, "drive" | "fittings">;
}
export type Carrier = keyof Carriers;

/** Picks that form a candidate, in order: a size of a line first, its actuator last. */
export type Picking = "size" | "grade" | "cavity" | "trim" | "seat" | "seals" | "drive";

/**
 * A part of a candidate, or a property of one, that findings may depend on: candidates that share everything a rule
 * depends on share its finding.
 */
export interface Part<Path extends string = string, In extends Carrier = Carrier> {
  readonly path: Path;
  readonly in: In;
  /** The pick that settles it. */
  readonly pickedWith: Picking;
  /** Two candidates share the part where this is equal. */
  readonly identity: (carrier: Carriers[In]) => unknown;
  /** Paths that are equal wherever this one is. */
  readonly decides: readonly string[];
}

/**
 * Declares a part of the valve.
 *
 * @param path its name; a dot for something of a part
 * @param pickedWith the pick that settles it
 * @param identity value that is equal for equal valves
 * @param decides paths that follow from it
 * @returns the part
 * @example valvePart("grade", "grade", (valve) => valve.grade).in // → "valve"
 */
export const valvePart = <const Path extends string>(
  path: Path,
  pickedWith: Picking,
  identity: (valve: Carriers["valve"]) => unknown,
  decides: readonly string[] = [],
): Part<Path, "valve"> => ({ path, in: "valve", pickedWith, identity, decides });

/**
 * Declares a part of the operator.
 *
 * @param path its name; a dot for something of a part
 * @param identity value that is equal for equal operators
 * @param decides paths that follow from it
 * @returns the part
 * @example trainPart("drive", ({ drive }) => drive).in // → "train"
 */
export const trainPart = <const Path extends string>(
  path: Path,
  identity: (train: Carriers["train"]) => unknown,
  decides: readonly string[] = [],
): Part<Path, "train"> => ({ path, in: "train", pickedWith: "drive", identity, decides });

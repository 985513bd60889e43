import type { DriveTrain } from "../drive-train.ts";
import type { UnnumberedValve } from "../unnumbered-valve.ts";

/** What carries a part: the valve, or what turns it. */
interface Carriers {
  readonly valve: UnnumberedValve;
  readonly train: Pick<DriveTrain, "drive" | "fittings">;
}
export type Carrier = keyof Carriers;

/** What is picked to make a candidate, one after the other: a size of a line first, its drive last. */
export type Picking = "size" | "grade" | "cavity" | "trim" | "seat" | "seals" | "drive";

/**
 * A part of a candidate, or something of a part, that findings may hang on: candidates alike in all a rule
 * hangs on share its finding.
 */
export interface Part<Path extends string = string, In extends Carrier = Carrier> {
  readonly path: Path;
  readonly in: In;
  /** With which pick it is settled. */
  readonly pickedWith: Picking;
  /** Two candidates are alike in the part where this is the same. */
  readonly identity: (of: Carriers[In]) => unknown;
  /** Paths in which candidates alike in this one are alike too. */
  readonly decides: readonly string[];
}

/**
 * Declares a part of the valve.
 *
 * @param path its name; a dot for something of a part
 * @param pickedWith the pick that settles it
 * @param identity what makes two valves alike in it
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
 * Declares a part of the drive train: what turns the valve.
 *
 * @param path its name; a dot for something of a part
 * @param identity what makes two trains alike in it
 * @param decides paths that follow from it
 * @returns the part
 * @example trainPart("drive", ({ drive }) => drive).in // → "train"
 */
export const trainPart = <const Path extends string>(
  path: Path,
  identity: (train: Carriers["train"]) => unknown,
  decides: readonly string[] = [],
): Part<Path, "train"> => ({ path, in: "train", pickedWith: "drive", identity, decides });

import { type Profile, peakOf } from "../stroke/index.ts";
import type { Drive, Supplies } from "./kind.ts";

/** A drive at the supply it will see: what it gives at the lowest, what it can do at the highest, N·m. */
export interface SuppliedDrive {
  readonly drive: Drive;
  readonly lowest: Profile;
  /** Most it gives anywhere at the lowest. */
  readonly mostNm: number;
  readonly peakNm: number;
}

/** Every supply at both ends, as one word. */
const supplyKey = (s: Supplies): string =>
  `${s.airMinimumBarG}|${s.airMaximumBarG}|${s.oilMinimumBarG}|${s.oilMaximumBarG}|${s.hand.steadyN}|${s.hand.hardestN}|${s.lineGas?.lowestBarG}|${s.lineGas?.highestBarG}`;

/** Drives at the supplies they were last set to: tags of a plant share their air, and hundreds of drives are tried on each. */
const known = new WeakMap<Drive, { readonly key: string; readonly supplied: SuppliedDrive }>();

/**
 * Sets a drive to what a duty brings.
 *
 * @param drive a drive of the catalogue
 * @param supplies lowest and highest of every supply
 * @returns output over both strokes at the lowest and the peak of either at the highest
 * @source strength at minimum, safety at maximum supply
 */
export function suppliedDrive(drive: Drive, supplies: Supplies): SuppliedDrive {
  const key = supplyKey(supplies);
  const last = known.get(drive);
  if (last?.key === key) return last.supplied;
  const lowest = drive.outputAt(supplies, "lowest");
  const supplied = {
    drive,
    lowest,
    mostNm: peakOf(lowest),
    peakNm: peakOf(drive.outputAt(supplies, "highest")),
  };
  known.set(drive, { key, supplied });
  return supplied;
}

import { type Profile, peakOf } from "../../basis/stroke/profile.ts";
import type { Drive, Supplies } from "./kind.ts";

/** A drive at the supply it will see: what it gives at the lowest, what it can do at the highest, N·m. */
export interface SuppliedDrive {
  readonly drive: Drive;
  readonly lowest: Profile;
  /** Most it gives anywhere at the lowest. */
  readonly mostNm: number;
  readonly peakNm: number;
}

/** Every supply at one end, as one word. */
const keyAt = {
  lowest: (s: Supplies): string =>
    `${s.airMinimumBarG}|${s.oilMinimumBarG}|${s.hand.steadyN}|${s.lineGas?.lowestBarG}`,
  highest: (s: Supplies): string =>
    `${s.airMaximumBarG}|${s.oilMaximumBarG}|${s.hand.hardestN}|${s.lineGas?.highestBarG}`,
} as const;

/**
 * Drives at the supplies they were last set to: tags of a plant share their air, and hundreds of drives are tried on each.
 * Either end is kept by itself, for whoever tries pressures moves one of them.
 */
interface Known {
  lowestKey: string;
  highestKey: string;
  supplied: SuppliedDrive;
}
const known = new WeakMap<Drive, Known>();

/**
 * Sets a drive to what a duty brings.
 *
 * @param drive a drive of the catalogue
 * @param supplies lowest and highest of every supply
 * @returns output over both strokes at the lowest and the peak of either at the highest
 * @source strength at minimum, safety at maximum supply
 */
export function suppliedDrive(drive: Drive, supplies: Supplies): SuppliedDrive {
  const [lowestKey, highestKey] = [keyAt.lowest(supplies), keyAt.highest(supplies)];
  const last = known.get(drive);
  if (last?.lowestKey === lowestKey && last.highestKey === highestKey) return last.supplied;
  const atLowest = last?.lowestKey === lowestKey ? last.supplied.lowest : drive.outputAt(supplies, "lowest");
  const supplied = {
    drive,
    lowest: atLowest,
    mostNm: peakOf(atLowest),
    peakNm:
      last?.highestKey === highestKey ? last.supplied.peakNm : peakOf(drive.outputAt(supplies, "highest")),
  };
  known.set(drive, { lowestKey, highestKey, supplied });
  return supplied;
}

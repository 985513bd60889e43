import { type Profile, peakOf } from "../../basis/stroke/profile.ts";
import type { Drive, Supplies } from "./kind.ts";

/** An actuator at its supply: output at the lowest, peak at the highest, N·m. */
export interface SuppliedDrive {
  readonly drive: Drive;
  readonly lowest: Profile;
  /** Greatest output at the lowest supply. */
  readonly mostNm: number;
  readonly peakNm: number;
}

/** Every supply at one end of its range, as one word. */
const keyAt = {
  lowest: (s: Supplies): string =>
    `${s.airMinimumBarG}|${s.oilMinimumBarG}|${s.hand.steadyN}|${s.lineGas?.lowestBarG}`,
  highest: (s: Supplies): string =>
    `${s.airMaximumBarG}|${s.oilMaximumBarG}|${s.hand.hardestN}|${s.lineGas?.highestBarG}`,
} as const;

/**
 * Actuators at the supplies they were last set to: tags of a plant share their air, and hundreds of actuators are tried
 * on each. Each end is kept separately, because a change of pressure moves one of them.
 */
interface Known {
  lowestKey: string;
  highestKey: string;
  supplied: SuppliedDrive;
}
const known = new WeakMap<Drive, Known>();

/**
 * Sets an actuator to the supplies of a duty.
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

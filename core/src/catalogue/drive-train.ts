import { type Drive, type SuppliedDrive, suppliedDrive } from "../drives/index.ts";

/** What turns a valve, set to its supply: a drive, or nothing. Price and weight are of all of it. */
export interface DriveTrain {
  readonly drive: Drive | null;
  readonly supplied: SuppliedDrive | null;
  readonly price: number;
  readonly weightKg: number;
}

/** What of a drive train is ordered and carried: each adds its price and its weight. */
const members = ({ drive }: Pick<DriveTrain, "drive">) => (drive === null ? [] : [drive]);

/**
 * Puts a drive train together at its supply.
 *
 * @param drive the drive, null for a bare stem
 * @param supply lowest and highest air supply, bar g
 * @returns the train with output, price and weight
 * @example driveTrain(null, { airMinimumBarG: 4, airMaximumBarG: 8 }).price // → 0
 */
export function driveTrain(
  drive: Drive | null,
  supply: { readonly airMinimumBarG: number; readonly airMaximumBarG: number },
): DriveTrain {
  const ordered = members({ drive });
  return {
    drive,
    supplied: drive && suppliedDrive(drive, supply.airMinimumBarG, supply.airMaximumBarG),
    price: ordered.reduce((sum, one) => sum + one.price, 0),
    weightKg: ordered.reduce((sum, one) => sum + one.weightKg, 0),
  };
}

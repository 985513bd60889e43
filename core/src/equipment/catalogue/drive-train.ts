import type { Fittings } from "../accessories/fittings.ts";
import type { Drive, Supplies } from "../drives/kind.ts";
import { type SuppliedDrive, suppliedDrive } from "../drives/supplied.ts";

/** What turns a valve, set to its supply: a drive, or nothing. Price and weight are without what is mounted on it. */
export interface DriveTrain {
  readonly drive: Drive | null;
  readonly supplied: SuppliedDrive | null;
  /** What may be mounted on the drive; null where the shelf has nothing for it. */
  readonly fittings: Fittings | null;
  readonly price: number;
  readonly weightKg: number;
}

/** What of a drive train is ordered and carried: each adds its price and its weight. */
const members = ({ drive }: Pick<DriveTrain, "drive">) => (drive === null ? [] : [drive]);

/**
 * Puts a drive train together at its supply.
 *
 * @param drive the drive, null for a bare stem
 * @param supplies lowest and highest of every supply
 * @param fittings what the shelf has to mount on it in the duty
 * @returns the train with output, price and weight
 */
export function driveTrain(drive: Drive | null, supplies: Supplies, fittings: Fittings | null): DriveTrain {
  const ordered = members({ drive });
  return {
    drive,
    supplied: drive && suppliedDrive(drive, supplies),
    fittings,
    price: ordered.reduce((sum, one) => sum + one.price, 0),
    weightKg: ordered.reduce((sum, one) => sum + one.weightKg, 0),
  };
}

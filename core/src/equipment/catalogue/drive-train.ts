import type { Fittings } from "../accessories/fittings.ts";
import type { Drive, Supplies } from "../drives/kind.ts";
import { type SuppliedDrive, suppliedDrive } from "../drives/supplied.ts";

/** The operator of a valve at its supply: an actuator, or none. Price and weight are without accessories. */
export interface DriveTrain {
  readonly drive: Drive | null;
  readonly supplied: SuppliedDrive | null;
  /** Accessories that may be mounted; null where the shelf has none. */
  readonly fittings: Fittings | null;
  readonly price: number;
  readonly weightKg: number;
}

/** Parts that add price and weight to the operator. */
const members = ({ drive }: Pick<DriveTrain, "drive">) => (drive === null ? [] : [drive]);

/**
 * Builds an actuator with its parts at its supply.
 *
 * @param drive the drive, null for a bare stem
 * @param supplies lowest and highest of every supply
 * @param fittings accessories of the shelf in the duty
 * @returns the train with output, price and weight
 */
export function driveTrain(drive: Drive | null, supplies: Supplies, fittings: Fittings | null): DriveTrain {
  const ordered = members({ drive });
  return {
    drive,
    supplied: drive && suppliedDrive(drive, supplies),
    fittings,
    price: ordered.reduce((sum, part) => sum + part.price, 0),
    weightKg: ordered.reduce((sum, part) => sum + part.weightKg, 0),
  };
}

import type { Fitted } from "../../equipment/accessories/fittings.ts";
import type { DriveTrain } from "../../equipment/catalogue/drive-train.ts";
import type { Identity } from "../../equipment/catalogue/identity.ts";
import type { TorqueDemand } from "../../mechanics/torque/demand.ts";

/** A drive train on a size and seat, with what it asks of every valve alike in them. */
export interface Pairing {
  readonly train: DriveTrain;
  readonly identity: Identity;
  readonly demand: TorqueDemand;
  /** What is mounted on the drive. */
  readonly fitted: readonly Fitted[];
  /** Of the drive, what is mounted on it, and what stands between it and the valve. */
  readonly price: number;
  readonly weightKg: number;
}

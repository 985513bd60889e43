import type { Fitted } from "../../equipment/accessories/fittings.ts";
import type { DriveTrain } from "../../equipment/catalogue/drive-train.ts";
import type { Identity } from "../../equipment/catalogue/identity.ts";
import type { TorqueDemand } from "../../mechanics/torque/demand.ts";

/** Actuator with accessories on a size and seat, with its demands on every valve that shares them. */
export interface Pairing {
  readonly train: DriveTrain;
  readonly identity: Identity;
  readonly demand: TorqueDemand;
  /** Accessories mounted on the actuator. */
  readonly fitted: readonly Fitted[];
  /** Of the actuator, its accessories and the parts between it and the valve. */
  readonly price: number;
  readonly weightKg: number;
}

import type { Drive, SuppliedDrive } from "../catalogue/drive.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { TorqueDemand } from "../torque/demand.ts";

/** What a rule looks at. A bare-stem candidate has no drive. */
export interface Judged {
  readonly valve: Valve;
  readonly drive: Drive | null;
  /** The drive at the duty's lowest and highest supply; null with no drive. */
  readonly supplied: SuppliedDrive | null;
  /** Numbers what of the valve loads a drive, together with the drive, within one proof. */
  readonly pair: number;
  readonly demand: TorqueDemand;
  readonly duty: SettledDuty;
  readonly house: HouseRules;
}

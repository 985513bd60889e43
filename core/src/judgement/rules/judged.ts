import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { DriveTrain } from "../../equipment/catalogue/drive-train.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { TorqueDemand } from "../../mechanics/torque/demand.ts";

/** Input of a rule. A bare-stem candidate has neither actuator nor accessories. */
export interface Judged extends Pick<DriveTrain, "drive" | "supplied" | "fittings"> {
  readonly valve: Valve;
  readonly demand: TorqueDemand;
  readonly duty: SettledDuty;
  readonly house: HouseRules;
}

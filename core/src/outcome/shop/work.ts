import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { Step } from "../../mechanics/fit-up/steps.ts";

/** Subject of a plan. */
export interface Work {
  readonly valve: Valve;
  readonly drive: Drive | null;
  readonly duty: SettledDuty;
  readonly house: HouseRules;
  /** Mounting of the actuator, from fit-up. */
  readonly fitting: readonly Step[];
}

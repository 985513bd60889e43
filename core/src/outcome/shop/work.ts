import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { Step } from "../../mechanics/fit-up/steps.ts";

/** What a plan is made for. */
export interface Work {
  readonly valve: Valve;
  readonly drive: Drive | null;
  readonly duty: SettledDuty;
  readonly house: HouseRules;
  /** How the drive is put on, as fit-up says it. */
  readonly fitting: readonly Step[];
}

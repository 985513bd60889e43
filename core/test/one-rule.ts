/** One rule on one valve with one actuator of the demo, as a proof would examine it. */

import { defaultHouseRules, type HouseRules } from "../src/basis/house/house-rules.ts";
import { settle } from "../src/duty/settling/settle.ts";
import type { Duty } from "../src/duty/statement/duty.ts";
import { fittingsOf } from "../src/equipment/accessories/fittings.ts";
import type { AccessoryFamily } from "../src/equipment/accessories/kinds.ts";
import type { Valve } from "../src/equipment/catalogue/valve.ts";
import type { Drive } from "../src/equipment/drives/kind.ts";
import { suppliedDrive } from "../src/equipment/drives/supplied.ts";
import type { FindingDescription } from "../src/judgement/rules/found.ts";
import { examined } from "../src/judgement/rules/rule.ts";
import { rules } from "../src/judgement/rules/rules.ts";
import { torqueDemand } from "../src/mechanics/torque/demand.ts";
import { demoShelf } from "./demo.ts";

export function findingOf(
  rule: string,
  duty: Duty,
  valve: Valve,
  drive: Drive | null,
  house: HouseRules = defaultHouseRules(),
  accessories: readonly AccessoryFamily[] = demoShelf.accessories,
): FindingDescription {
  const settled = settle(duty, house);
  const demand = torqueDemand(valve, settled, house);
  const supplied = drive && suppliedDrive(drive, settled);
  const fittings = fittingsOf(accessories, { duty: settled, house })(drive);
  const judged = { valve, drive, supplied, fittings, demand, duty: settled, house };
  return examined(rules.find((r) => r.id === rule)!, judged).toJSON();
}

/** One rule on one valve with one drive of the demo, as a proof would examine it. */
import { type AccessoryFamily, fittingsOf } from "../src/equipment/accessories/index.ts";
import type { Valve } from "../src/equipment/catalogue/index.ts";
import { type Drive, suppliedDrive } from "../src/equipment/drives/index.ts";
import { type Duty, settle } from "../src/duty/index.ts";
import { defaultHouseRules, type HouseRules } from "../src/basis/house/index.ts";
import { type FindingDescription, rules } from "../src/judgement/rules/index.ts";
import { examined } from "../src/judgement/rules/rule.ts";
import { torqueDemand } from "../src/mechanics/torque/index.ts";
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

import { type AccessoryFamily, fittingsOf } from "../accessories/index.ts";
import type { Valve } from "../catalogue/valve.ts";
import { type Drive, suppliedDrive } from "../drives/index.ts";
import type { Duty } from "../duty/duty.ts";
import { settle } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { Verdict } from "../rules/finding.ts";
import { flowRules } from "../rules/flow/index.ts";
import { rules } from "../rules/index.ts";
import type { Judged } from "../rules/judged.ts";
import { verdictOf } from "../rules/rule.ts";
import { torqueDemand } from "../torque/demand.ts";

/** What is in hand, and by what it is judged. */
export interface CandidateInHand {
  readonly valve: Valve;
  readonly drive: Drive | null;
  /** What the shelf has to mount on drives. */
  readonly accessories: readonly AccessoryFamily[];
  readonly house: HouseRules;
}

/**
 * The verdict of every rule on one valve with one drive in one duty.
 *
 * @param inHand valve, drive (null for a bare stem), accessories on the shelf and house rules
 * @param duty as entered: bar g, °C
 * @returns verdicts in the order of `rules`
 * @source the rules, each examined on its own
 */
export function verdictsIn({ valve, drive, accessories, house }: CandidateInHand, duty: Duty): Verdict[] {
  const settled = settle(duty, house);
  const demand = torqueDemand(valve, settled, house);
  const supplied = drive && suppliedDrive(drive, settled);
  const fittings = fittingsOf(accessories, { duty: settled, house })(drive);
  const judged = { valve, drive, supplied, fittings, demand, duty: settled, house };
  return rules.map((rule) => verdictOf(rule, judged));
}

/**
 * The verdict of every rule of flow on one valve in one duty: they look at neither torque nor drive.
 *
 * @param inHand valve and house rules
 * @param duty as entered: bar g, °C
 * @returns verdicts in the order of `flowRules`, as one word
 * @source the rules, each examined on its own
 */
export function flowVerdictsIn({ valve, house }: CandidateInHand, duty: Duty): string {
  const settled = settle(duty, house);
  const judged = { valve, duty: settled, house } as Judged;
  return flowRules.map((rule) => verdictOf(rule, judged)).join();
}

import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { Verdict } from "../rules/finding.ts";
import type { Judged } from "../rules/judged.ts";
import { type Rule, verdictOf } from "../rules/rule.ts";
import { rules } from "../rules/rules.ts";

const grades: Readonly<Record<Verdict, number>> = {
  "not asked": 0,
  holds: 0,
  tight: 1,
  "cannot tell": 2,
  fails: 3,
};

/** Rules that depend only on the actuator family. */
const ofFamilies: readonly Rule[] = rules.filter(
  ({ dependsOn }) => dependsOn.length > 0 && dependsOn.every((part) => part === "drive.family"),
);

/**
 * How gravely a duty speaks against a family of actuators, whatever the valve.
 *
 * @param drives of the family; at least one
 * @param duty settled duty
 * @param house house rules
 * @returns 0 where nothing does, 1 for *tight*, 2 for *cannot tell*, 3 for *fails*
 * @source the rules that depend on the family only
 */
export function familyGrade(drives: readonly Drive[], duty: SettledDuty, house: HouseRules): number {
  const judged = { drive: drives[0]!, supplied: null, duty, house } as unknown as Judged;
  return ofFamilies.reduce((worst, rule) => Math.max(worst, grades[verdictOf(rule, judged)]), 0);
}

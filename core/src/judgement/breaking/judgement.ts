import type { HouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { fittingsOf } from "../../equipment/accessories/fittings.ts";
import type { AccessoryFamily } from "../../equipment/accessories/kinds.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { suppliedDrive } from "../../equipment/drives/supplied.ts";
import { torqueDemand } from "../../mechanics/torque/demand.ts";
import type { Verdict } from "../rules/finding.ts";
import type { Judged } from "../rules/judged.ts";
import { verdictOf } from "../rules/rule.ts";
import { rules } from "../rules/rules.ts";

/** The selected candidate and what it is judged by. */
export interface CandidateInHand {
  readonly valve: Valve;
  readonly drive: Drive | null;
  /** Accessories on the shelf. */
  readonly accessories: readonly AccessoryFamily[];
  readonly house: HouseRules;
}

/** Input of the rules. Parts that only some rules need are computed on first use. */
function judgedIn({ valve, drive, accessories, house }: CandidateInHand, askedDuty: Duty): Judged {
  const duty = settle(askedDuty, house);
  let demand: Judged["demand"] | undefined;
  let supplied: Judged["supplied"] | undefined;
  let fittings: Judged["fittings"] | undefined;
  return {
    valve,
    drive,
    duty,
    house,
    get demand() {
      demand ??= torqueDemand(valve, duty, house);
      return demand;
    },
    get supplied() {
      if (supplied === undefined) supplied = drive && suppliedDrive(drive, duty);
      return supplied;
    },
    get fittings() {
      fittings ??= fittingsOf(accessories, { duty, house })(drive);
      return fittings;
    },
  };
}

const everyRule = rules.map((_, i) => i);

/**
 * Verdicts of all rules, or of some, on one valve with one actuator in one duty.
 *
 * @param candidate valve, drive (null for a bare stem), accessories on the shelf and house rules
 * @param duty as entered: bar g, °C
 * @param which indexes in `rules`; all of them if not given
 * @returns verdicts in the order of `which`
 * @source the rules, each examined on its own
 */
export function verdictsIn(
  candidate: CandidateInHand,
  duty: Duty,
  which: readonly number[] = everyRule,
): Verdict[] {
  const judged = judgedIn(candidate, duty);
  return which.map((i) => verdictOf(rules[i]!, judged));
}

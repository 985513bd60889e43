import type { Choice } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Duty } from "@proven-seat/core/duty";
import type { Shelf } from "@proven-seat/core/equipment/catalogue";
import { findChoice, prove, prover } from "@proven-seat/core/judgement/proof";

/** The valve to work on: the selected one, else the best; undefined where there is none. */
export function chosenOrBest(duty: Duty, shelf: Shelf, house: HouseRules, choice: Choice | null) {
  const found = choice && findChoice(duty, shelf, choice);
  return found
    ? prover(duty, shelf, house).judge(found.valve, found.drive)
    : prove(duty, shelf, house).candidates[0];
}

/** Inputs of the metamorphic tests: duties, and valves of the demo's shelf. */

import fc from "fast-check";
import { defaultHouseRules } from "../src/basis/house/house-rules.ts";
import type { Duty } from "../src/duty/statement/duty.ts";
import type { Valve } from "../src/equipment/catalogue/valve.ts";
import { demoShelf, demoTags } from "./demo.ts";
import { tries } from "./effort.ts";
import { likelyDuty } from "./likely-duty.ts";

/** Duties tried for each truth. */
export const runs = tries(60, 20_000);
export const house = defaultHouseRules();
const sized = demoTags.map((t) => t.duty).filter((d) => d.dn !== null);
export const duties = fc.oneof({ weight: 3, arbitrary: likelyDuty }, fc.constantFrom(...sized));

export const picks = fc.array(fc.nat(), { minLength: 3, maxLength: 3 });
export const valvesOf = (duty: Duty, indices: readonly number[]): Valve[] => {
  const valves = demoShelf.valvesFor(duty.dn!);
  return indices.map((i) => valves[(i * 7919) % valves.length]!);
};

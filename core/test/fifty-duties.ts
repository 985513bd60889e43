/** Fifty duties of the second round of judgement; their expectations were written before they were run. */
import type { Awkward } from "./awkward.ts";
import { boilingAndSolids } from "./fifty/boiling-and-solids.ts";
import { cavitiesAndCold } from "./fifty/cavities-and-cold.ts";
import { chemistryAndShelf } from "./fifty/chemistry-and-shelf.ts";
import { contradictionsAndHeat } from "./fifty/contradictions-and-heat.ts";

export const fiftyDuties: readonly Awkward[] = [
  ...boilingAndSolids,
  ...contradictionsAndHeat,
  ...cavitiesAndCold,
  ...chemistryAndShelf,
];

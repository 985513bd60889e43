import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { bySolution, chemistryOf } from "./chemistry.ts";

export const coatingChemistry = rule({
  id: "envelope/coating-chemistry",
  asks: "Coating in the fluid",
  source: bySolution.source,
  inputs: [...bySolution.inputs, "trim"],
  dependsOn: ["trim"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { coating } = valve.trim;
    if (coating === null) return notAsked("The ball has no coating.");
    return chemistryOf([{ part: "coating", name: coating, material: coating }], duty, house);
  },
});

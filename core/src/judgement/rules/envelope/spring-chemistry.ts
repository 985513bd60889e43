import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { bySolution, chemistryOf } from "./chemistry.ts";

export const springChemistry = rule({
  id: "envelope/spring-chemistry",
  asks: "Springs in the fluid",
  source: bySolution.source,
  inputs: [...bySolution.inputs, "trim"],
  dependsOn: ["trim"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { spring } = valve.trim;
    if (spring === null) return notAsked("The fluid does not touch any spring.");
    return chemistryOf([{ part: "spring", name: spring, material: spring }], duty, house);
  },
});

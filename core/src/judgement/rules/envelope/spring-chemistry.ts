import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const springChemistry = rule({
  id: "envelope/spring-chemistry",
  asks: "Springs in the fluid",
  source: "Suitability tables (indicative, screening only)",
  inputs: ["service family", "trim"],
  hangsOn: ["trim"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { spring } = valve.trim;
    if (spring === null) return notAsked("No springs in the fluid.");
    return chemistryOf([{ part: "spring", name: spring, material: spring }], duty, house);
  },
});

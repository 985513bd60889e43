import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { bySolution, chemistryOf } from "./chemistry.ts";

export const bodyChemistry = rule({
  id: "envelope/body-chemistry",
  asks: "Body in the fluid",
  source: bySolution.source,
  inputs: [...bySolution.inputs, "body grade"],
  dependsOn: ["line", "grade"],
  tight: "mild",
  examine: ({ valve, duty, house }) =>
    valve.construction.bodyWetted
      ? chemistryOf([{ part: "body", name: valve.grade.grade, material: valve.grade.metal }], duty, house)
      : notAsked("The lining separates the fluid from the body."),
});

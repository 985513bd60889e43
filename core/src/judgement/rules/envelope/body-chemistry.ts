import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const bodyChemistry = rule({
  id: "envelope/body-chemistry",
  asks: "Body in the fluid",
  source: "Table of corrosion by strength and temperature, else suitability by service family (indicative)",
  inputs: [
    "service family",
    "substance",
    "strength of the solution",
    "free water",
    "temperature",
    "body grade",
  ],
  dependsOn: ["line", "grade"],
  tight: "mild",
  examine: ({ valve, duty, house }) =>
    valve.construction.bodyWetted
      ? chemistryOf([{ part: "body", name: valve.grade.grade, material: valve.grade.metal }], duty, house)
      : notAsked("The lining separates the fluid from the body."),
});

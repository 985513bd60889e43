import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const bodyChemistry = rule({
  id: "envelope/body-chemistry",
  asks: "Body in the fluid",
  source: "Suitability tables (indicative, screening only)",
  inputs: ["service family", "body grade"],
  hangsOn: "body",
  sharedBy: ({ valve }) => valve.grade.grade,
  examine: ({ valve, duty, house }) =>
    chemistryOf([{ part: "body", name: valve.grade.grade, material: valve.grade.metal }], duty, house),
});

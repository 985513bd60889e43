import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const coatingChemistry = rule({
  id: "envelope/coating-chemistry",
  asks: "Coating in the fluid",
  source: "Table of corrosion by strength and temperature, else suitability by service family (indicative)",
  inputs: ["service family", "substance", "strength of the solution", "free water", "temperature", "trim"],
  dependsOn: ["trim"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { coating } = valve.trim;
    if (coating === null) return notAsked("The ball has no coating.");
    return chemistryOf([{ part: "coating", name: coating, material: coating }], duty, house);
  },
});

import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const trimChemistry = rule({
  id: "envelope/trim-chemistry",
  asks: "Ball and stem in the fluid",
  source: "Table of corrosion by strength and temperature, else suitability by service family (indicative)",
  inputs: ["service family", "substance", "strength of the solution", "free water", "temperature", "trim"],
  dependsOn: ["trim"],
  tight: "mild",
  examine: ({ valve, duty, house }) =>
    chemistryOf(
      [
        // A coated ball meets the fluid with its coating; see coating-chemistry.
        ...(valve.trim.coating === null
          ? [{ part: "ball", name: valve.trim.ball, material: valve.trim.ball }]
          : []),
        ...(valve.construction.bodyWetted
          ? [{ part: "stem", name: valve.trim.stem, material: valve.trim.stem }]
          : []),
      ],
      duty,
      house,
    ),
});

import { rule } from "../rule.ts";
import { bySolution, chemistryOf } from "./chemistry.ts";

export const trimChemistry = rule({
  id: "envelope/trim-chemistry",
  asks: "Ball and stem in the fluid",
  source: bySolution.source,
  inputs: [...bySolution.inputs, "trim"],
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

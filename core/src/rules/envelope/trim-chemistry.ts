import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const trimChemistry = rule({
  id: "envelope/trim-chemistry",
  asks: "Ball and stem in the fluid",
  source: "Suitability tables (indicative, screening only)",
  inputs: ["service family", "trim"],
  hangsOn: "trim",
  sharedBy: ({ valve }) => valve.trimKey,
  examine: ({ valve, duty, house }) =>
    chemistryOf(
      valve.trim.metals.map((metal) => ({ part: "trim", name: metal, material: metal })),
      duty,
      house,
    ),
});

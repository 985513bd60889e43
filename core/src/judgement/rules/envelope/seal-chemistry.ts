import { rule } from "../rule.ts";
import { chemistryOf, softFamilies } from "./chemistry.ts";

export const sealChemistry = rule({
  id: "envelope/seal-chemistry",
  asks: "Seals in the fluid",
  source: "Suitability tables (indicative, screening only)",
  inputs: ["service family", "seal set"],
  dependsOn: ["seals"],
  tight: "mild",
  examine: ({ valve, duty, house }) =>
    chemistryOf(
      valve.seals.parts.map(({ part, material }) => ({ part, name: material.name, material: material.id })),
      duty,
      house,
      softFamilies(duty),
    ),
});

import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const sealChemistry = rule({
  id: "envelope/seal-chemistry",
  asks: "Seals in the fluid",
  source: "Table of corrosion by strength and temperature, else suitability by service family (indicative)",
  inputs: [
    "service family",
    "substance",
    "strength of the solution",
    "free water",
    "temperature",
    "seal set",
  ],
  dependsOn: ["seals"],
  tight: "mild",
  examine: ({ valve, duty, house }) =>
    chemistryOf(
      valve.seals.parts.map(({ part, material }) => ({ part, name: material.name, material: material.id })),
      duty,
      house,
      duty.softFamilies,
    ),
});

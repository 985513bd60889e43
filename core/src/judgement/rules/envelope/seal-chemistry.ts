import { rule } from "../rule.ts";
import { bySolution, chemistryOf } from "./chemistry.ts";

export const sealChemistry = rule({
  id: "envelope/seal-chemistry",
  asks: "Seals in the fluid",
  source: bySolution.source,
  inputs: [...bySolution.inputs, "seal set"],
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

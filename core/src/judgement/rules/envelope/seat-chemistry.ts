import { rule } from "../rule.ts";
import { chemistryOf, softFamilies } from "./chemistry.ts";

export const seatChemistry = rule({
  id: "envelope/seat-chemistry",
  asks: "Seat in the fluid",
  source: "Suitability tables (indicative, screening only)",
  inputs: ["service family", "seat"],
  dependsOn: ["seat.material"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { id, name } = valve.seat.material;
    return chemistryOf([{ part: "seat", name, material: id }], duty, house, softFamilies(duty));
  },
});

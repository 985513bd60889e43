import { rule } from "../rule.ts";
import { chemistryOf } from "./chemistry.ts";

export const seatChemistry = rule({
  id: "envelope/seat-chemistry",
  asks: "Seat in the fluid",
  source: "Table of corrosion by strength and temperature, else suitability by service family (indicative)",
  inputs: ["service family", "substance", "strength of the solution", "free water", "temperature", "seat"],
  dependsOn: ["seat.material"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { id, name } = valve.seat.material;
    return chemistryOf([{ part: "seat", name, material: id }], duty, house, duty.softFamilies);
  },
});

import { rule } from "../rule.ts";
import { bySolution, chemistryOf } from "./chemistry.ts";

export const seatChemistry = rule({
  id: "envelope/seat-chemistry",
  asks: "Seat in the fluid",
  source: bySolution.source,
  inputs: [...bySolution.inputs, "seat"],
  dependsOn: ["seat.material"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { id, name } = valve.seat.material;
    return chemistryOf([{ part: "seat", name, material: id }], duty, house, duty.softFamilies);
  },
});

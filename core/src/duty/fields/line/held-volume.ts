import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

/** Volume that the valve fills, or empties in a blow-down. */
export const heldVolume: Field<"heldVolumeM3", number | null> = {
  path: "heldVolumeM3",
  label: "Volume filled or emptied",
  short: "volume",
  group: "line",
  ...quantity("vessel volume", "Volume", [0.001, 1e7], "m³"),
  headings: ["volume it fills or empties", "held volume", "vessel volume"],
  moves: [0.01, 1e5],
};

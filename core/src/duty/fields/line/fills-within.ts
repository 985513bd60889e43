import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const fillsWithin: Field<"fillsWithinS", number | null> = {
  path: "fillsWithinS",
  label: "Filled or emptied within",
  group: "line",
  ...number("Time to fill", [0.1, 1e7], "s"),
  shown: ({ heldVolumeM3 }) => heldVolumeM3 !== null,
  headings: ["filled or emptied within", "time to fill", "blow-down time"],
};

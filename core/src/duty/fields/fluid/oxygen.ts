import type { Field } from "../field.ts";
import { number } from "../holds.ts";
import { isSaltWater } from "./chlorides.ts";

/** If not stated, the water counts as aerated. */
export const oxygen: Field<"fluid.oxygenMgL", number | null> = {
  path: "fluid.oxygenMgL",
  label: "Dissolved oxygen",
  group: "fluid",
  ...number("Dissolved oxygen", [0, 50], "mg/l"),
  headings: ["dissolved oxygen", "dissolved o2", "oxygen content"],
  why: "Metals resist more chlorides in water that is free of oxygen.",
  assumed: "aerated water",
  raised: isSaltWater,
  otherwise: () => [0.01],
};

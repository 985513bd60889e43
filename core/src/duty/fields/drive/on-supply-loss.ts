import { supplyLossActions } from "../../words.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";

export const onSupplyLoss: Field<"onSupplyLoss", (typeof supplyLossActions)[number] | null> = {
  path: "onSupplyLoss",
  label: "On supply loss",
  group: "drive",
  ...choice(supplyLossActions),
  headings: ["on supply loss", "on air loss", "fail action", "fail position"],
  why: "Decides between spring, double-acting and electric drives.",
  raised: ({ operator }) => operator !== "bare stem",
  mustBeKnown: true,
};

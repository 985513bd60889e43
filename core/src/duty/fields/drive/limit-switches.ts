import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

export const limitSwitchesAsked: Field<"limitSwitches", boolean | null> = {
  path: "limitSwitches",
  label: "Limit switches",
  group: "drive",
  ...yesNo(),
  headings: ["limit switches", "position switches", "zso/zsc"],
};

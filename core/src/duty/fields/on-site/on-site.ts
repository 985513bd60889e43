import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

export const onSite: Field<"onSite", boolean | null> = {
  path: "onSite",
  label: "Valve already installed",
  group: "line",
  ...yesNo(),
  headings: ["valve stands already", "existing valve"],
};

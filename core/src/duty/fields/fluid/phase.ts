import { phases } from "../../words.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";

export const phase: Field<"fluid.phase", (typeof phases)[number] | null> = {
  path: "fluid.phase",
  label: "Phase",
  group: "fluid",
  ...choice(phases),
  headings: ["phase", "state", "fluid phase"],
};

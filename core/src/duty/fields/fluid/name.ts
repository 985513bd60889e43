import type { Field } from "../field.ts";
import { text } from "../limits.ts";

export const fluidName: Field<"fluid.name", string> = {
  path: "fluid.name",
  label: "Fluid",
  group: "fluid",
  holds: { kind: "text", most: 80 },
  schema: text(80).default(""),
  unstated: "",
  headings: ["fluid", "medium", "fluid name"],
  means: ["fluid", "fluid service"],
};

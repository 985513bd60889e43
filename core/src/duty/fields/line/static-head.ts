import type { Field } from "../field.ts";
import { pressure } from "../holds.ts";

/** Pressure behind the valve without flow; friction is the rest of the back pressure. */
export const staticHead: Field<"staticBarG", number | null> = {
  path: "staticBarG",
  label: "Downstream static pressure",
  short: "static head",
  group: "line",
  ...pressure(),
  shown: ({ function: tasks }) => tasks?.includes("throttling") ?? false,
  headings: ["static head", "static pressure downstream", "pressure behind it at no flow"],
};

import type { Field } from "../field.ts";
import { designation } from "../holds.ts";

export const lineClass: Field<"lineDesignation", string | null> = {
  path: "lineDesignation",
  label: "Line class",
  group: "line",
  ...designation(),
  headings: ["line class", "class", "rating", "flange rating", "pressure class"],
  means: ["class", "line class", "pipe class", "size class"],
  why: "The valve flanges must match the line flanges.",
  mustBeKnown: true,
};

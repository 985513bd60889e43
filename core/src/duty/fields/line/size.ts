import type { Field } from "../field.ts";
import { size as holdsSize } from "../holds.ts";

export const size: Field<"dn", number | null> = {
  path: "dn",
  label: "Size",
  group: "line",
  ...holdsSize(),
  headings: ["size", "dn", "nps", "nominal size", "valve size", "line size"],
  means: ["size", "line size", "valve size", "pipe size"],
  why: "Without a size no candidate can be selected.",
  mustBeKnown: true,
};

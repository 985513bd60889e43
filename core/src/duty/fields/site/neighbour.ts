import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const neighbour: Field<"neighbourMm", number | null> = {
  path: "neighbourMm",
  label: "Space beside the pipe",
  group: "site",
  ...quantity("length", "Space beside the pipe", [10, 20_000], "mm"),
  headings: ["room beside the pipe", "clearance to neighbour", "free space beside"],
  moves: [10, 5000],
};

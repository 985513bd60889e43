import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const upstreamLength: Field<"upstreamLengthM", number | null> = {
  path: "upstreamLengthM",
  label: "Line length upstream",
  group: "line",
  ...number("Line length upstream", [0.1, 500_000], "m"),
  headings: ["length of line upstream", "pipeline length", "upstream length"],
  moves: [0.1, 100_000],
};

import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

export const deadEnd: Field<"deadEnd", boolean | null> = {
  path: "deadEnd",
  label: "Dead-end service",
  group: "line",
  ...yesNo(),
  takenAsNone: { belongsTo: "task", mightBe: true },
  headings: ["end of line", "dead end"],
  means: ["dead end"],
  why: "A wafer body falls if no flange is bolted downstream.",
  raised: ({ endConnection }) => endConnection === "wafer" || endConnection === "lug",
  assumed: "piped on both sides",
  otherwise: () => [true],
};

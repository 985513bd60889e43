import type { Field } from "../field.ts";
import { temperature } from "../holds.ts";

export const ambientMinimum: Field<"ambientMinimumC", number | null> = {
  path: "ambientMinimumC",
  label: "Lowest ambient",
  group: "site",
  ...temperature(),
  headings: ["lowest ambient", "ambient min", "min ambient"],
  means: ["ambient minimum", "ambient temperature minimum"],
  range: { name: "ambient", end: "low", crossed: "Highest ambient is below the lowest." },
  why: "Body and seals must withstand this temperature when the line is cold.",
  assumed: "the lowest temperature of the cases",
  otherwise: (duty) => [Math.min(-40, duty.ambientMaximumC ?? -40)],
  moves: [-196, 60],
};

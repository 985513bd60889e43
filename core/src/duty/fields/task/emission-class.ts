import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { emissionClasses } from "../words.ts";

export const emissionClass: Field<"emissionClass", (typeof emissionClasses)[number] | null> = {
  path: "emissionClass",
  label: "Stem tightness",
  group: "task",
  ...choice(emissionClasses, (grade) => `class ${grade}`),
  takenAsNone: { belongsTo: "task", mightBe: "A" },
  headings: ["stem tightness", "emission class"],
  means: ["emission", "emission class", "tightness emission"],
  why: "Toxic and volatile fluids need a tightness class for the stem seal.",
  raised: ({ fluid }) => fluid.hazards?.some((h) => h === "toxic" || h === "lethal") ?? false,
  assumed: "no requirement",
  otherwise: () => ["B"],
};

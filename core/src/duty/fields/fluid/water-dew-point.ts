import type { Field } from "../field.ts";
import { temperature } from "../holds.ts";

export const waterDewPoint: Field<"fluid.waterDewPointC", number | null> = {
  path: "fluid.waterDewPointC",
  label: "Water dew point",
  group: "fluid",
  ...temperature(),
  takenAsNone: { belongsTo: "fluid", mightBe: 40 },
  headings: ["water dew point", "dew point"],
  means: ["dew point", "water dew point"],
  moves: [-60, 100],
};

import { familiesIn } from "../families-in.ts";
import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

/** If not stated, the full pressure counts as hydrogen where there is any. */
export const hydrogen: Field<"fluid.hydrogenBarA", number | null> = {
  path: "fluid.hydrogenBarA",
  label: "Hydrogen partial pressure",
  short: "H₂ partial",
  group: "fluid",
  ...quantity("vapour pressure", "Hydrogen partial pressure", [0, 1000], "bar a"),
  takenAsNone: { belongsTo: "fluid", mightBe: 20 },
  headings: ["hydrogen partial pressure", "h2 partial pressure", "hydrogen, bar a"],
  means: ["hydrogen partial", "hydrogen partial pressure", "hydrogen pressure"],
  why: "Hot hydrogen decarburises steel, more so at a higher partial pressure.",
  assumed: "the full pressure",
  raised: ({ fluid }) => familiesIn(fluid).includes("hydrogen") || (fluid.hazards ?? []).includes("hydrogen"),
  otherwise: () => [1],
  moves: [0, 300],
};

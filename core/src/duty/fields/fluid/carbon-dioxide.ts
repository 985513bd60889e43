import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

/** If not stated: the full pressure where the fluid is carbon dioxide, else none. */
export const carbonDioxide: Field<"fluid.carbonDioxideBarA", number | null> = {
  path: "fluid.carbonDioxideBarA",
  label: "Carbon dioxide partial pressure",
  short: "CO₂ partial",
  group: "fluid",
  ...quantity("vapour pressure", "Carbon dioxide partial pressure", [0, 1000], "bar a"),
  takenAsNone: { belongsTo: "fluid", mightBe: 5 },
  headings: ["carbon dioxide partial pressure", "co2 partial pressure", "co2, bar a"],
  means: ["carbon dioxide partial", "carbon dioxide partial pressure", "carbon dioxide pressure"],
  moves: [0, 200],
};

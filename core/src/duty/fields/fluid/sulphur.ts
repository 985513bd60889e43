import { familiesIn } from "../families-in.ts";
import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const sulphur: Field<"fluid.sulphurPercent", number | null> = {
  path: "fluid.sulphurPercent",
  label: "Sulphur",
  group: "fluid",
  ...number("Sulphur", [0, 20], "%"),
  takenAsNone: { belongsTo: "fluid", mightBe: 2 },
  headings: ["sulphur", "sulfur", "sulphur, %"],
  means: ["sulphur"],
  why: "Above 260 °C sulphur in oil corrodes carbon steel.",
  assumed: "oil contains sulphur, unless the substance has none",
  raised: ({ fluid, cases }) =>
    familiesIn(fluid).some((family) => /hydrocarbon/.test(family)) &&
    cases.some((c) => c.kind !== "fire" && (c.temperatureC ?? 0) > 260),
  otherwise: () => [0],
};

import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const solids: AssumedField<"fluid.solidsPercent", number | null> = {
  path: "fluid.solidsPercent",
  label: "Solids",
  group: "fluid",
  ...number("Solids", [0, 80], "%"),
  takenAsNone: { belongsTo: "fluid", mightBe: 2 },
  headings: ["solids", "solids, %"],
  means: ["solids"],
  why: "Hard solids wear soft seats and pack into cavities.",
  raised: ({ fluid }) => fluid.phase !== "steam",
  assumed: "none",
  settle: ({ fluid }) => fluid.solidsPercent ?? 0,
  otherwise: () => [2],
  moves: [0, 80],
};

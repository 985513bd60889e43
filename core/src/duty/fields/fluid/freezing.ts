import type { Field } from "../field.ts";
import { temperature } from "../holds.ts";

export const freezing: Field<"fluid.freezingC", number | null> = {
  path: "fluid.freezingC",
  label: "Freezes or crystallises at",
  short: "freezing point",
  group: "fluid",
  ...temperature(),
  headings: [
    "freezes or crystallises at",
    "freezing point",
    "pour point",
    "crystallisation temperature",
    "freezes at",
  ],
  why: "Below it the fluid sets in body and line, and the valve locks.",
  assumed: "as listed for the substance; where none is listed, nothing is judged suitable",
  raised: ({ fluid }) => fluid?.hazards?.includes("crystallises") ?? false,
  otherwise: () => [20],
};

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
  why: "Below this temperature the fluid becomes solid in body and line, and the valve locks.",
  assumed: "the temperature listed for the substance. If none is listed, no valve is suitable",
  raised: ({ fluid }) => fluid?.hazards?.includes("crystallises") ?? false,
  otherwise: () => [20],
};

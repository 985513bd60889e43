import { z } from "zod";
import { fluidNamed, fluids } from "../../../basis/reference/fluids.ts";
import type { Field } from "../field.ts";

export const substance: Field<"fluid.substance", string | null> = {
  path: "fluid.substance",
  label: "Substance",
  group: "fluid",
  holds: { kind: "substance", options: fluids.map((fluid) => fluid.id) },
  schema: z
    .string()
    .refine((id) => fluidNamed(id) !== undefined, {
      error: (issue) => `"${issue.input}" is not in the fluid table.`,
    })
    .nullable()
    .default(null),
  headings: ["substance", "component"],
  means: ["substance"],
  why: "Boiling point, freezing point and expansion follow from the substance.",
  assumed: "the substance named by the family; for other families nothing is calculated",
  otherwise: () => ["water"],
};

import { z } from "zod";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { flowBases } from "../words.ts";

export const rateBasis: Field<"cases.rateBasis", (typeof flowBases)[number]> = {
  path: "cases.rateBasis",
  label: "Flow in",
  group: "case",
  ...choice(flowBases),
  schema: z.enum(flowBases).default("m³/h"),
  headings: ["flow in", "flow unit"],
};

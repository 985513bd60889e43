import { z } from "zod";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";

/** Which side pushes: reverse means the pressure comes from the downstream flange. */
export const flowFrom: Field<"cases.flow", "forward" | "reverse"> = {
  path: "cases.flow",
  label: "Pressure from (case)",
  group: "case",
  ...choice(["forward", "reverse"]),
  schema: z.enum(["forward", "reverse"]).default("forward"),
  headings: ["case pressure from", "case flow direction"],
};

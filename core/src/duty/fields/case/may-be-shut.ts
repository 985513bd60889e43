import { z } from "zod";
import type { Field } from "../field.ts";

/** False where the valve is never shut in this case, so that seats and torque are not asked. */
export const mayBeShut: Field<"cases.mayBeShut", boolean> = {
  path: "cases.mayBeShut",
  label: "May be closed",
  group: "case",
  holds: { kind: "yes-no" },
  schema: z.boolean().default(true),
  headings: ["may be shut", "shut in this case"],
};

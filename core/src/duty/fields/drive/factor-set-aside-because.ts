import type { Field } from "../field.ts";
import { text } from "../holds.ts";

/** Without it every reason counts. */
export const factorSetAsideBecause: Field<"factorSetAsideBecause", string | null> = {
  path: "factorSetAsideBecause",
  label: "Reason for the lower torque factor",
  group: "drive",
  ...text(400),
  headings: ["factor reduced because"],
  why: "A torque factor counts until a reason is given for setting it aside.",
  assumed: "every factor counts",
  raised: ({ factorSetAside }) => (factorSetAside ?? []).length > 0,
  otherwise: () => ["as agreed"],
};

import type { Field } from "../field.ts";
import { text } from "../holds.ts";

/** Without it every reason counts. */
export const factorSetAsideBecause: Field<"factorSetAsideBecause", string | null> = {
  path: "factorSetAsideBecause",
  label: "Factor reduced because",
  group: "drive",
  ...text(400),
  headings: ["factor reduced because"],
  why: "A reason for more torque counts until somebody says why it does not.",
  assumed: "every reason counts",
  raised: ({ factorSetAside }) => (factorSetAside ?? []).length > 0,
  otherwise: () => ["as agreed"],
};

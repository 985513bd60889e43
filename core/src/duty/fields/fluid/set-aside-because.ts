import type { Field } from "../field.ts";
import { text } from "../holds.ts";

/** Without it nothing is set aside. */
export const setAsideBecause: Field<"fluid.setAsideBecause", string | null> = {
  path: "fluid.setAsideBecause",
  label: "Reason for setting hazards aside",
  group: "fluid",
  ...text(400),
  headings: ["set aside because", "reason hazards are set aside"],
  why: "A hazard of the substance counts until a reason is given for setting it aside.",
  assumed: "nothing is set aside",
  raised: ({ fluid }) => (fluid.setAside ?? []).length > 0,
  otherwise: () => ["as agreed"],
};

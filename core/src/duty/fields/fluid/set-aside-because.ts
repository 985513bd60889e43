import type { Field } from "../field.ts";
import { text } from "../holds.ts";

/** Without it nothing is set aside. */
export const setAsideBecause: Field<"fluid.setAsideBecause", string | null> = {
  path: "fluid.setAsideBecause",
  label: "Set aside because",
  group: "fluid",
  ...text(400),
  headings: ["set aside because", "reason hazards are set aside"],
  why: "A hazard of the substance counts until somebody says why it does not.",
  assumed: "nothing is set aside",
  raised: ({ fluid }) => (fluid.setAside ?? []).length > 0,
  otherwise: () => ["as agreed"],
};

import type { Field } from "../field.ts";
import { pressure } from "../holds.ts";

export const upstream: Field<"cases.upstreamBarG", number | null> = {
  path: "cases.upstreamBarG",
  label: "Upstream",
  group: "case",
  ...pressure(),
  headings: ["upstream", "upstream pressure", "p1", "inlet pressure", "pressure"],
  wide: {
    normal: {
      label: "Normal pressure",
      headings: ["normal pressure", "operating pressure", "op press", "oper press"],
    },
    maximum: {
      label: "Maximum pressure",
      headings: ["maximum pressure", "design pressure", "max pressure", "design press", "des press"],
    },
  },
};

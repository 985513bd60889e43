import type { Field } from "../field.ts";
import { number } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteFactorIn: Field<"onSiteFactorIn", number | null> = {
  path: "onSiteFactorIn",
  label: "Service factor included in its torque",
  group: "line",
  ...number("Factor in its torque", [1, 3]),
  headings: ["factor in its torque", "factor in its torque already"],
  shown: ofValveOnSite,
};

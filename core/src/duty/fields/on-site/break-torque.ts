import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteBreak: Field<"onSiteBreakNm", number | null> = {
  path: "onSiteBreakNm",
  label: "Its break torque",
  group: "line",
  ...quantity("torque", "Break torque", [0.1, 1e6], "N·m"),
  headings: ["break torque of the existing valve", "break torque"],
  why: "At the worst differential it is opened against: nothing is known of any other.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

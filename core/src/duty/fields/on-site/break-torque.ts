import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteBreak: Field<"onSiteBreakNm", number | null> = {
  path: "onSiteBreakNm",
  label: "Breakaway torque, installed valve",
  group: "line",
  ...quantity("torque", "Break torque", [0.1, 1e6], "N·m"),
  headings: ["break torque of the existing valve", "break torque", "its break torque"],
  why: "At the highest differential pressure it opens against. No other value is known.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

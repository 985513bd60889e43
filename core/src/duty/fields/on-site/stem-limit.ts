import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteStemLimit: Field<"onSiteStemLimitNm", number | null> = {
  path: "onSiteStemLimitNm",
  label: "Its stem limit",
  group: "line",
  ...quantity("torque", "Stem limit", [0.1, 1e6], "N·m"),
  headings: ["stem limit of the existing valve", "maximum allowable stem torque", "mast"],
  why: "A drive at its peak must not break it.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

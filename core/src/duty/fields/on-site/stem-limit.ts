import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteStemLimit: Field<"onSiteStemLimitNm", number | null> = {
  path: "onSiteStemLimitNm",
  label: "Stem torque limit, installed valve",
  group: "line",
  ...quantity("torque", "Stem limit", [0.1, 1e6], "N·m"),
  headings: ["stem limit of the existing valve", "maximum allowable stem torque", "mast", "its stem limit"],
  why: "The peak torque of the actuator must not break the stem.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

import { stemForms } from "../../../construction/ends/forms.ts";
import type { Field } from "../field.ts";
import { choice, quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteStemForm: Field<"onSiteStemForm", (typeof stemForms)[number] | null> = {
  path: "onSiteStemForm",
  label: "Stem end, installed valve",
  group: "line",
  ...choice(stemForms),
  headings: ["end of the existing stem", "end of its stem"],
  shown: ofValveOnSite,
};
export const onSiteStemAcross: Field<"onSiteStemAcrossMm", number | null> = {
  path: "onSiteStemAcrossMm",
  label: "Across flats or diameter, installed valve",
  group: "line",
  ...quantity("length", "Across the flats", [2, 600], "mm"),
  headings: ["across its flats, or its diameter"],
  shown: ofValveOnSite,
};
export const onSiteStemHeight: Field<"onSiteStemHeightMm", number | null> = {
  path: "onSiteStemHeightMm",
  label: "Stem height above the pad, installed valve",
  group: "line",
  ...quantity("length", "Height of the stem", [2, 1500], "mm"),
  headings: ["its height over the pad"],
  shown: ofValveOnSite,
};

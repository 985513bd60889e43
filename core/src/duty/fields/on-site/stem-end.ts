import { stemForms } from "../../../construction/ends/forms.ts";
import type { Field } from "../field.ts";
import { choice, quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteStemForm: Field<"onSiteStemForm", (typeof stemForms)[number] | null> = {
  path: "onSiteStemForm",
  label: "End of its stem",
  group: "line",
  ...choice(stemForms),
  headings: ["end of the existing stem"],
  shown: ofValveOnSite,
};
export const onSiteStemAcross: Field<"onSiteStemAcrossMm", number | null> = {
  path: "onSiteStemAcrossMm",
  label: "Across its flats, or its diameter",
  group: "line",
  ...quantity("length", "Across the flats", [2, 600], "mm"),
  headings: [],
  shown: ofValveOnSite,
};
export const onSiteStemHeight: Field<"onSiteStemHeightMm", number | null> = {
  path: "onSiteStemHeightMm",
  label: "Its height over the pad",
  group: "line",
  ...quantity("length", "Height of the stem", [2, 1500], "mm"),
  headings: [],
  shown: ofValveOnSite,
};

import { pads } from "../../../basis/reference/pads.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSitePad: Field<"onSitePad", string | null> = {
  path: "onSitePad",
  label: "Its pad",
  group: "line",
  ...choice(pads.map(({ flange }) => flange)),
  headings: ["pad of the existing valve", "mounting pad"],
  why: "A drive is bolted to it, and it carries the drive's peak.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

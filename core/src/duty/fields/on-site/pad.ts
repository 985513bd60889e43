import { pads } from "../../../basis/reference/pads.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSitePad: Field<"onSitePad", string | null> = {
  path: "onSitePad",
  label: "Mounting pad, installed valve",
  group: "line",
  ...choice(pads.map(({ flange }) => flange)),
  headings: ["pad of the existing valve", "mounting pad", "its pad"],
  why: "The actuator is bolted to the pad, and the pad carries its peak torque.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

import { constructionNamed, constructions } from "../../../construction/bodies/constructions.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteConstruction: Field<"onSiteConstruction", string | null> = {
  path: "onSiteConstruction",
  label: "Construction, installed valve",
  group: "line",
  ...choice(
    constructions.map(({ id }) => id),
    (id) => constructionNamed(id)?.name ?? id,
  ),
  headings: ["construction of the existing valve", "its construction"],
  why: "The construction decides how the valve turns and whether flow can turn it.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

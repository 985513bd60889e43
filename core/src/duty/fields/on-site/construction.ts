import { constructionNamed, constructions } from "../../../construction/bodies/constructions.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

export const onSiteConstruction: Field<"onSiteConstruction", string | null> = {
  path: "onSiteConstruction",
  label: "Its construction",
  group: "line",
  ...choice(
    constructions.map(({ id }) => id),
    (id) => constructionNamed(id)?.name ?? id,
  ),
  headings: ["construction of the existing valve"],
  why: "How it turns, and whether flow can turn it, hangs on how it is built.",
  shown: ofValveOnSite,
  raised: ofValveOnSite,
  mustBeKnown: true,
};

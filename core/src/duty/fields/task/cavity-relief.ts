import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

/** A relief from the cavity piped back to upstream. */
export const cavityRelief: Field<"cavityRelief", boolean | null> = {
  path: "cavityRelief",
  label: "External cavity relief",
  short: "cavity relief",
  group: "task",
  ...yesNo(),
  headings: ["cavity relief piped", "cavity relief"],
  means: ["cavity relief"],
};

import type { Field } from "../field.ts";
import { temperature } from "../holds.ts";

export const jacketTemperature: Field<"jacketC", number | null> = {
  path: "jacketC",
  label: "Jacket temperature",
  short: "jacket steam",
  group: "site",
  ...temperature(),
  headings: ["jacket temperature"],
  means: ["jacket temperature"],
  moves: [-196, 600],
};

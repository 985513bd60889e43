import { unlessOnAir } from "./by-operator.ts";
import { fittingRule } from "./fitting-rule.ts";

export const filterRegulator = fittingRule({
  id: "drive/filter-regulator",
  asks: "Filter-regulator",
  source:
    "Highest air and cold against the maker's limits; dirt and water in air stick valves and drives (practice)",
  inputs: ["air supply", "ambient", "accessories"],
  kind: "filter-regulator",
  unraised: unlessOnAir,
});

import { unlessOnAir } from "./by-operator.ts";
import { fittingRule } from "./fitting-rule.ts";

export const filterRegulator = fittingRule({
  id: "drive/filter-regulator",
  asks: "Filter-regulator",
  source:
    "Highest air pressure and lowest ambient against the maker's limits; dirt and water in the air make solenoid valves and actuators stick (practice)",
  inputs: ["air supply", "ambient", "accessories"],
  kind: "filter-regulator",
  notApplicableBecause: unlessOnAir,
});

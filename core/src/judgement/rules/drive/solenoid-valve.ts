import { unlessOnAir } from "./by-operator.ts";
import { fittingRule } from "./fitting-rule.ts";

export const solenoidValve = fittingRule({
  id: "drive/solenoid-valve",
  asks: "Solenoid valve",
  source:
    "Function by fail action and house rule; coil, pressure, area, enclosure and lowest ambient against the maker's limits",
  inputs: ["voltage of solenoid valves", "area", "installation", "ambient", "air supply", "accessories"],
  kind: "solenoid valve",
  notApplicableBecause: unlessOnAir,
});

import { fittingRule } from "./fitting-rule.ts";

export const limitSwitches = fittingRule({
  id: "drive/limit-switches",
  asks: "Limit switches",
  source:
    "One limit switch for each end position; area, enclosure and lowest ambient against the maker's limits",
  inputs: ["limit switches", "area", "installation", "ambient", "accessories"],
  kind: "limit switches",
  notApplicableBecause: ({ stated }) =>
    stated.limitSwitches === true ? null : "The duty asks for no limit switches.",
});

import { fittingRule } from "./fitting-rule.ts";

export const limitSwitches = fittingRule({
  id: "drive/limit-switches",
  asks: "Limit switches",
  source: "One for each end; area, enclosure and cold against the maker's limits",
  inputs: ["limit switches", "area", "installation", "ambient", "accessories"],
  kind: "limit switches",
  unraised: ({ stated }) => (stated.limitSwitches === true ? null : "No limit switches are asked for."),
});

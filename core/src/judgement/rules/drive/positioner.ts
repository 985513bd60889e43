import { unlessOnAir } from "./by-operator.ts";
import { fittingRule } from "./fitting-rule.ts";

export const positioner = fittingRule({
  id: "drive/positioner",
  asks: "Positioner",
  source:
    "Signal, single or double acting, pressure, area, enclosure and lowest ambient against the maker's limits",
  inputs: ["control signal", "function", "area", "installation", "ambient", "air supply", "accessories"],
  kind: "positioner",
  notApplicableBecause: (duty) =>
    unlessOnAir(duty) ?? (duty.function.has("throttling") ? null : "The valve does not throttle."),
});

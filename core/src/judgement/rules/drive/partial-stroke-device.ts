import { unlessOnAir } from "./by-operator.ts";
import { fittingRule } from "./fitting-rule.ts";

export const partialStrokeDevice = fittingRule({
  id: "drive/partial-stroke-device",
  asks: "Partial-stroke device",
  source: "A partial stroke proves something only if it is measured (practice); the maker's limits",
  inputs: ["partial-stroke interval", "area", "installation", "ambient", "air supply", "accessories"],
  kind: "partial-stroke device",
  notApplicableBecause: (duty) =>
    unlessOnAir(duty) ?? (duty.partialStrokeMonths > 0 ? null : "The duty asks for no partial-stroke tests."),
});

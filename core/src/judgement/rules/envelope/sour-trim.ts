import { notSour } from "../raised.ts";
import { rule } from "../rule.ts";
import { sourLimits } from "./metal-judgements.ts";
import { trimMetals } from "./wetted.ts";

export const sourTrim = rule({
  id: "envelope/sour-trim",
  asks: "Trim in sour service",
  source: "ISO 15156 limits by metal (indicative)",
  inputs: ["partial pressure of H₂S", "trim", "house rule: sour service from"],
  dependsOn: ["trim"],
  notApplicableBecause: notSour,
  examine: ({ valve, duty, house }) => {
    return sourLimits(trimMetals(valve), duty, house);
  },
});

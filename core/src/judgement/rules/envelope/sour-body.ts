import { notSour } from "../raised.ts";
import { rule } from "../rule.ts";
import { sourLimits } from "./metal-judgements.ts";
import { bodyMetal } from "./wetted.ts";

export const sourBody = rule({
  id: "envelope/sour-body",
  asks: "Body in sour service",
  source: "ISO 15156 limits by metal (indicative)",
  inputs: ["partial pressure of H₂S", "body grade", "house rule: sour service from"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: notSour,
  examine: ({ valve, duty, house }) => {
    return sourLimits(bodyMetal(valve), duty, house);
  },
});

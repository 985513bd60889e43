import { noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";
import { oxygenJudged } from "./metal-judgements.ts";
import { trimMetals } from "./wetted.ts";

export const oxygenTrim = rule({
  id: "envelope/oxygen-trim",
  asks: "Trim in oxygen",
  source: "Highest oxygen pressure of the metal at impingement sites (indicative)",
  inputs: ["hazards of the fluid", "pressure", "trim"],
  dependsOn: ["trim"],
  notApplicableBecause: noOxygen,
  examine: ({ valve, duty, house }) => {
    return oxygenJudged(trimMetals(valve), duty, house);
  },
});

import { noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";
import { oxygenJudged } from "./metal-judgements.ts";
import { bodyMetal } from "./wetted.ts";

export const oxygenBody = rule({
  id: "envelope/oxygen-body",
  asks: "Body in oxygen",
  source: "Highest oxygen pressure of the metal at impingement sites (indicative)",
  inputs: ["hazards of the fluid", "pressure", "body grade"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: noOxygen,
  examine: ({ valve, duty, house }) => {
    return oxygenJudged(bodyMetal(valve), duty, house);
  },
});

import { noHydrogen } from "../raised.ts";
import { rule } from "../rule.ts";
import { hydrogenJudged } from "./metal-judgements.ts";
import { bodyMetal } from "./wetted.ts";

export const hydrogenBody = rule({
  id: "envelope/hydrogen-body",
  asks: "Body in hydrogen",
  source: "Embrittlement by metal (indicative)",
  inputs: ["hazards of the fluid", "body grade"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: noHydrogen,
  examine: ({ valve, duty }) => {
    return hydrogenJudged(bodyMetal(valve), duty);
  },
});

import { noHydrogen } from "../raised.ts";
import { rule } from "../rule.ts";
import { hydrogenJudged } from "./metal-judgements.ts";
import { trimMetals } from "./wetted.ts";

export const hydrogenTrim = rule({
  id: "envelope/hydrogen-trim",
  asks: "Trim in hydrogen",
  source: "Embrittlement by metal (indicative)",
  inputs: ["hazards of the fluid", "trim"],
  dependsOn: ["trim"],
  tight: "mild",
  notApplicableBecause: noHydrogen,
  examine: ({ valve, duty }) => {
    return hydrogenJudged(trimMetals(valve), duty);
  },
});

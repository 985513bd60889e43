import { noChlorides } from "../raised.ts";
import { rule } from "../rule.ts";
import { chlorideJudged } from "./metal-judgements.ts";
import { trimMetals } from "./wetted.ts";

export const chlorideTrim = rule({
  id: "envelope/chloride-trim",
  asks: "Trim in chlorides",
  source: "Cracking temperature and pitting content by metal (indicative)",
  inputs: ["chlorides", "pH", "dissolved oxygen", "temperature", "trim"],
  dependsOn: ["trim"],
  notApplicableBecause: noChlorides,
  examine: ({ valve, duty, house }) => {
    return chlorideJudged(trimMetals(valve), duty, house);
  },
});

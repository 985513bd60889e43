import { noChlorides } from "../raised.ts";
import { rule } from "../rule.ts";
import { chlorideJudged } from "./metal-judgements.ts";
import { bodyMetal } from "./wetted.ts";

export const chlorideBody = rule({
  id: "envelope/chloride-body",
  asks: "Body in chlorides",
  source: "Cracking temperature and pitting content by metal (indicative)",
  inputs: ["chlorides", "pH", "dissolved oxygen", "temperature", "body grade"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: noChlorides,
  examine: ({ valve, duty, house }) => {
    return chlorideJudged(bodyMetal(valve), duty, house);
  },
});

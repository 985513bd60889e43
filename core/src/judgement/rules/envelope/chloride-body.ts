import { noChlorides } from "../raised.ts";
import { rule } from "../rule.ts";
import { chloridesJudged } from "./chlorides-judged.ts";
import { bodyMetal } from "./wetted.ts";

export const chlorideBody = rule({
  id: "envelope/chloride-body",
  asks: "Body in chlorides",
  source:
    "Pitting, crevice corrosion and cracking by chloride content and temperature (practice, indicative)",
  inputs: ["chlorides", "pH", "dissolved oxygen", "temperature", "body grade"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: noChlorides,
  examine: ({ valve, duty, house }) => {
    return chloridesJudged(bodyMetal(valve), duty, house);
  },
});

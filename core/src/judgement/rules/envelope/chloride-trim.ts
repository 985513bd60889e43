import { noChlorides } from "../raised.ts";
import { rule } from "../rule.ts";
import { chloridesJudged } from "./chlorides-judged.ts";
import { trimMetals } from "./wetted.ts";

export const chlorideTrim = rule({
  id: "envelope/chloride-trim",
  asks: "Trim in chlorides",
  source:
    "Pitting, crevice corrosion and cracking by chloride content and temperature (practice, indicative)",
  inputs: ["chlorides", "pH", "dissolved oxygen", "temperature", "trim"],
  dependsOn: ["trim"],
  notApplicableBecause: noChlorides,
  examine: ({ valve, duty, house }) => {
    return chloridesJudged(trimMetals(valve), duty, house);
  },
});

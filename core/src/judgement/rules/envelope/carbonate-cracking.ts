import { metalLimits } from "../../../basis/reference/metals.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Sour water more alkaline than this holds enough carbonate to crack welded steel. */
const harmlessToPh = 7.5;

export const carbonateCracking = rule({
  id: "envelope/carbonate-cracking",
  asks: "Steel in alkaline sour water",
  source: "Carbonate stress cracking of carbon steel that is not stress-relieved (API RP 571, indicative)",
  inputs: ["pH", "partial pressure of H₂S", "partial pressure of CO₂", "free water", "body grade"],
  dependsOn: ["line", "grade"],
  tight: "serious",
  notApplicableBecause: ({ stated: { fluid }, h2sKPa, freeWater }) =>
    (fluid.ph ?? 0) > harmlessToPh && h2sKPa > 0 && (fluid.carbonDioxideBarA ?? 0) > 0 && freeWater
      ? null
      : "The fluid is not alkaline water with H₂S and CO₂.",
  examine: ({ valve, duty }) => {
    const { metal, grade } = valve.grade;
    if (!valve.construction.bodyWetted || metal === null || !metalLimits(metal)?.carbonSteel)
      return notAsked("No carbon steel touches the water.");
    const { fluid } = duty.stated;
    return plain("tight", "Alkaline sour water cracks welded steel that is not stress-relieved.", {
      value: fluid.ph,
      limit: harmlessToPh,
      sense: "≤",
      decides: "stress relief",
      remedy: "Order stress relief of every weld on the body, repair welds too, or use austenitic steel.",
      uses: [
        used("pH", fluid.ph!, "entered"),
        used("partial pressure of H₂S", duty.h2sKPa, "entered", "kPa"),
        used("partial pressure of CO₂", fluid.carbonDioxideBarA!, "entered", "bar a"),
        stated("free water", duty.freeWater, fluid.freeWater),
        used("body", grade, "catalogue"),
      ],
    });
  },
});

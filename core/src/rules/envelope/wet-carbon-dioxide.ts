import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const wetCarbonDioxide = rule({
  id: "envelope/wet-carbon-dioxide",
  asks: "Carbon steel in wet CO₂",
  source: "Carbonic acid eats carbon steel where there is free water (practice)",
  inputs: ["service family", "free water", "body grade"],
  hangsOn: ["line", "grade"],
  unraised: ({ stated, substance }) =>
    stated.fluid.family === "carbon dioxide dense phase" || substance?.id === "carbon-dioxide"
      ? null
      : "No carbon dioxide.",
  examine: ({ valve, duty }) => {
    if (!valve.construction.bodyWetted || !valve.grade.metal?.includes("carbon steel"))
      return notAsked("No carbon steel in CO₂.");
    const seen = {
      value: duty.freeWater ? "free water" : "dry",
      limit: valve.grade.metal,
      uses: [
        stated("free water", duty.freeWater, duty.stated.fluid.freeWater),
        used("body", valve.grade.grade, "catalogue"),
      ],
    };
    if (!duty.freeWater) return plain("holds", "Dry CO₂ leaves carbon steel alone.", seen);
    return duty.stated.fluid.freeWater === null
      ? plain("tight", "Where water drops out, carbon steel is eaten: state whether it stays dry.", seen)
      : plain("fails", "Carbonic acid eats carbon steel.", {
          ...seen,
          remedy: "Stainless or duplex, or a dryer.",
        });
  },
});

import { against, inHand } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const packingLife = rule({
  id: "envelope/packing-life",
  asks: "Strokes of the stem seal",
  source: "Strokes between overhauls against the life of the kind of stem seal (house rules, indicative)",
  inputs: ["strokes a year", "stem seal", "house rule: lives, years between overhauls"],
  hangsOn: ["seals"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const strokes = duty.strokesPerYear * house.overhaulYears;
    const { stemSeal } = valve.seals;
    const life = stemSeal === "adjustable gland" ? house.glandLife : house.liveSealLife;
    const measured = against(strokes, life, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The stem seal wears out before the overhaul."
        : measured.verdict === "tight"
          ? "The stem seal is worn at the overhaul."
          : "The stem seal lasts to the overhaul.",
      {
        value: strokes,
        limit: life,
        sense: "≤",
        remedy: "A live-loaded or double stem seal, or earlier overhauls.",
        uses: [
          stated("strokes a year", duty.strokesPerYear, duty.stated.strokesPerYear),
          used("years between overhauls", house.overhaulYears, "house rule"),
          used(`life of ${stemSeal}`, life, "house rule"),
        ],
      },
      inHand(measured, "%"),
    );
  },
});

import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const abrasion = rule({
  id: "envelope/abrasion",
  asks: "Seat against solids",
  source: "Hard solids embed in polymer (seat's abrasion figure, house rule)",
  inputs: ["solids", "seat", "house rule: solids a soft seat stands"],
  hangsOn: ["seat.material"],
  unraised: (duty) => (duty.solidsPercent === 0 ? "No solids are stated." : null),
  examine: ({ valve, duty, house }) => {
    const solids = duty.solidsPercent;
    const { name, abrasionResistance } = valve.seat.material;
    const seen = {
      value: solids,
      limit: house.softSeatSolidsPercent,
      unit: "%" as const,
      sense: "≤" as const,
      uses: [
        stated("solids", solids, duty.stated.fluid.solidsPercent, "%"),
        stated("hard", duty.solidsHard, duty.stated.fluid.solidsHard),
        used(`${name}, 0 none to 4 hard facing`, abrasionResistance, "reference"),
        used("a soft seat stands", house.softSeatSolidsPercent, "house rule", "%"),
      ],
    };
    if (abrasionResistance >= 3)
      return plain("holds", "The seat stands abrasion.", { ...seen, decides: "hard" });
    if (!duty.solidsHard || solids <= house.softSeatSolidsPercent)
      return plain("tight", "Few or soft solids: the seat wears, but slowly.", seen);
    return plain("fails", "Hard solids embed in the seat and score the ball.", {
      ...seen,
      remedy: "A metal seat.",
    });
  },
});

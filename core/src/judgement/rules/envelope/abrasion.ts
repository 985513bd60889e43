import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { SeatMaterial } from "../../../basis/reference/seats.ts";
import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Soft solids count for this share of hard ones. */
const softShare = 0.25;
/** Abrasion figure from which a soft seat counts as tough, and a metal face as carbide. */
const tough = 3;
const carbide = 4;

/** Hard solids a seat withstands, %; carbide faces have no limit here. */
function standsPercent({ kind, abrasionResistance }: SeatMaterial, house: HouseRules): number {
  if (kind === "metal") return abrasionResistance >= carbide ? 100 : house.hardFaceSolidsPercent;
  return abrasionResistance >= tough ? house.toughSeatSolidsPercent : house.softSeatSolidsPercent;
}

export const abrasion = rule({
  id: "envelope/abrasion",
  asks: "Seat against solids",
  source: "Solids content × hardness against the abrasion limit of the seat (house rules, indicative)",
  inputs: ["solids", "hard solids", "seat", "house rule: solids a seat stands"],
  dependsOn: ["seat.material"],
  notApplicableBecause: (duty) => (duty.solidsPercent === 0 ? "The duty states no solids." : null),
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    const limit = standsPercent(seat, house);
    const value = duty.solidsPercent * (duty.solidsHard ? 1 : softShare);
    const seen = {
      value,
      limit,
      unit: "%" as const,
      sense: "≤" as const,
      uses: [
        stated("solids", duty.solidsPercent, duty.stated.fluid.solidsPercent, "%"),
        stated("hard", duty.solidsHard, duty.stated.fluid.solidsHard),
        ...(duty.solidsHard ? [] : [used("weight of soft solids", softShare * 100, "house rule", "%")]),
        used(`abrasion rating of ${seat.name}, 0 none to 4 carbide`, seat.abrasionResistance, "reference"),
        used("abrasion limit as hard solids", limit, "house rule", "%"),
      ],
    };
    if (value > limit)
      return plain("fails", "Solids embed in the seat or cut its face, and scratch the ball.", {
        ...seen,
        remedy: "Use a carbide-faced metal seat.",
      });
    return seat.kind === "metal"
      ? plain("holds", "The hard face withstands the solids. Order scraper seats.", {
          ...seen,
          decides: "hard",
        })
      : plain("tight", "The seat wears. Inspect it regularly and keep a spare.", seen);
  },
});

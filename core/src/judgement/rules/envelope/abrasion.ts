import { closingFace } from "../../../equipment/trims/closing-face.ts";
import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { metalFacePercent, softSeatPercent } from "../solids.ts";

/** Soft solids count for this share of hard ones. */
const softShare = 0.25;

export const abrasion = rule({
  id: "envelope/abrasion",
  asks: "Seat against solids",
  source:
    "Solids content × hardness against the abrasion limit of the seat, and of the closing member it bears on (house rules, indicative)",
  inputs: ["solids", "hard solids", "seat", "closing member", "house rule: solids a seat stands"],
  dependsOn: ["trim", "seat.material"],
  notApplicableBecause: (duty) => (duty.solidsPercent === 0 ? "The duty states no solids." : null),
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    const metal = seat.kind === "metal";
    const face = closingFace(valve.trim);
    const ofSeat = (metal ? metalFacePercent : softSeatPercent)(seat.abrasionResistance, house);
    // A hard seat grinds a softer closing member with every particle between them.
    const ofFace = metal ? metalFacePercent(face.abrasionResistance, house) : ofSeat;
    const limit = Math.min(ofSeat, ofFace);
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
        ...(metal
          ? [
              used(
                `abrasion rating of ${face.metal}, 0 none to 4 carbide`,
                face.abrasionResistance,
                "reference",
              ),
            ]
          : []),
        used("abrasion limit as hard solids", limit, "house rule", "%"),
      ],
    };
    if (value > limit)
      return plain(
        "fails",
        ofFace < ofSeat && value <= ofSeat
          ? "The solids cut the closing member, which is softer than the seat it bears on."
          : "Solids embed in the seat or cut its face, and scratch the ball.",
        { ...seen, remedy: "Use carbide on both the seat and the closing member." },
      );
    return metal
      ? plain("holds", "The hard faces withstand the solids. Order scraper seats.", {
          ...seen,
          decides: "hard",
        })
      : plain("tight", "The seat wears. Inspect it regularly and keep a spare.", seen);
  },
});

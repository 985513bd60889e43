import { against, inHand } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const seatLife = rule({
  id: "envelope/seat-life",
  asks: "Strokes of the seat",
  source: "Strokes between overhauls against the life of the kind of seat (house rules, indicative)",
  inputs: ["strokes a year", "seat", "construction", "house rule: lives, years between overhauls"],
  hangsOn: ["line", "seat.material"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const strokes = duty.strokesPerYear * house.overhaulYears;
    const { kind, name } = valve.seat.material;
    const { support } = valve.construction;
    const life =
      kind === "metal"
        ? house.metalSeatLife
        : support === "floating"
          ? house.softFloatingSeatLife
          : house.softHeldSeatLife;
    const measured = against(strokes, life, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The seat wears out before the overhaul."
        : measured.verdict === "tight"
          ? "The seat is worn at the overhaul: hold a spare."
          : "The seat lasts to the overhaul.",
      {
        value: strokes,
        limit: life,
        sense: "≤",
        remedy:
          kind === "metal"
            ? "A valve made for cycling; earlier overhauls."
            : "A ball held in bearings, a metal seat, or earlier overhauls.",
        uses: [
          stated("strokes a year", duty.strokesPerYear, duty.stated.strokesPerYear),
          used("years between overhauls", house.overhaulYears, "house rule"),
          used(`life of ${name}, ${support}`, life, "house rule"),
        ],
      },
      inHand(measured, "%"),
    );
  },
});

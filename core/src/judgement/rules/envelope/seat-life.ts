import { lasting } from "../lasting.ts";
import { rule } from "../rule.ts";

export const seatLife = rule({
  id: "envelope/seat-life",
  asks: "Strokes of the seat",
  source: "Strokes between overhauls against the life of the kind of seat (house rules, indicative)",
  inputs: ["strokes a year", "seat", "construction", "house rule: lives, years between overhauls"],
  hangsOn: ["line", "seat.material"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { kind, name } = valve.seat.material;
    const { support } = valve.construction;
    const soft = support === "floating" ? house.softFloatingSeatLife : house.softHeldSeatLife;
    return lasting(
      {
        part: "seat",
        life: kind === "metal" ? house.metalSeatLife : soft,
        kind: `${name}, ${support}`,
        care: "hold a spare",
        remedy:
          kind === "metal"
            ? "A valve made for cycling; earlier overhauls."
            : "A ball held in bearings, a metal seat, or earlier overhauls.",
      },
      duty,
      house,
    );
  },
});

import { lasting } from "../lasting.ts";
import { rule } from "../rule.ts";

export const seatLife = rule({
  id: "envelope/seat-life",
  asks: "Seat life",
  source: "Strokes between overhauls against the life of the kind of seat (house rules, indicative)",
  inputs: ["strokes per year", "seat", "construction", "house rule: lives, years between overhauls"],
  dependsOn: ["line", "seat.material"],
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
        care: "keep a spare",
        remedy:
          kind === "metal"
            ? "Use a valve made for cycling, or shorten the overhaul interval."
            : "Use a trunnion-mounted ball or a metal seat, or shorten the overhaul interval.",
      },
      duty,
      house,
    );
  },
});

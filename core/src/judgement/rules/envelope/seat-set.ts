import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const seatSet = rule({
  id: "envelope/seat-set",
  asks: "Seat set after standing shut",
  source: "A soft seat held shut sets; grooves or a relieving seat let pressure behind it (practice)",
  inputs: ["longest shut", "flow direction", "seat", "equalising grooves", "house rule: seat sets after"],
  hangsOn: ["size", "cavity", "seat"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { material } = valve.seat;
    if (material.kind === "metal") return notAsked("A metal seat does not set.");
    const days = duty.longestShutDays;
    const uses = () => [
      stated("longest shut", days, duty.stated.longestShutDays, "days"),
      stated("pressure from", duty.flowDirection, duty.stated.flowDirection),
      used("seat sets after", house.setAfterDays, "house rule", "days"),
      used("equalising grooves", valve.line.equalisingGrooves ? "yes" : "no", "catalogue"),
      used("cavity arrangement", valve.cavity.name, "catalogue"),
    ];
    const seen = { value: days, limit: house.setAfterDays, unit: "days" as const, sense: "≤" as const, uses };
    if (days <= house.setAfterDays) return plain("holds", "Not shut long enough to set.", seen);
    const eased = valve.line.equalisingGrooves || !valve.cavity.trapsLiquid;
    if (eased)
      return plain("holds", "Pressure reaches behind the seat and keeps it from setting one way.", {
        ...seen,
        decides: valve.line.equalisingGrooves ? "grooves" : "relieves",
      });
    return duty.flowDirection === "both ways" && valve.construction.support === "floating"
      ? plain(
          "tight",
          "The seat sets; the next opening is harder, and reversed pressure leaks past it.",
          seen,
        )
      : plain("tight", "The seat sets: the next opening is harder.", seen);
  },
});

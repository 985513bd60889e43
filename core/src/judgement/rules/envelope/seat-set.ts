import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const seatSet = rule({
  id: "envelope/seat-set",
  asks: "Seat set after long closure",
  source:
    "A soft seat deforms permanently in a valve kept closed. Equalising grooves or a relieving seat let pressure behind it (practice)",
  inputs: [
    "longest time closed",
    "flow direction",
    "seat",
    "equalising grooves",
    "house rule: seat sets after",
  ],
  dependsOn: ["size", "cavity", "seat"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { material } = valve.seat;
    if (material.kind === "metal") return notAsked("A metal seat does not set.");
    const days = duty.longestShutDays;
    const uses = () => [
      stated("longest time closed", days, duty.stated.longestShutDays, "days"),
      stated("pressure from", duty.flowDirection, duty.stated.flowDirection),
      used("seat sets after", house.setAfterDays, "house rule", "days"),
      used("equalising grooves", valve.line.equalisingGrooves ? "yes" : "no", "catalogue"),
      used("cavity arrangement", valve.cavity.name, "catalogue"),
    ];
    const seen = { value: days, limit: house.setAfterDays, unit: "days" as const, sense: "≤" as const, uses };
    if (days <= house.setAfterDays)
      return plain("holds", "The valve is not closed long enough for the seat to set.", seen);
    const eased = valve.line.equalisingGrooves || !valve.cavity.trapsLiquid;
    if (eased)
      return plain("holds", "Pressure reaches behind the seat and prevents set in one direction.", {
        ...seen,
        decides: valve.line.equalisingGrooves ? "grooves" : "relieves",
      });
    return duty.flowDirection === "both ways" && valve.construction.support === "floating"
      ? plain(
          "tight",
          "The seat sets. The next opening needs more torque, and the seat leaks under reversed pressure.",
          seen,
        )
      : plain("tight", "The seat sets. The next opening needs more torque.", seen);
  },
});

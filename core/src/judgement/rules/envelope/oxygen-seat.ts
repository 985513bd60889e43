import { hazardsUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";

export const oxygenSeat = rule({
  id: "envelope/oxygen-seat",
  asks: "Seat in oxygen",
  source: "Polymers that may be lit by adiabatic compression (indicative)",
  inputs: ["hazards of the fluid", "seat"],
  hangsOn: ["seat.material"],
  unraised: noOxygen,
  examine: ({ valve, duty }) => {
    const seat = valve.seat.material;
    const seen = {
      value: seat.name,
      limit: seat.oxygen,
      uses: [hazardsUsed(duty), used(`${seat.name} in oxygen`, seat.oxygen, "reference")],
    };
    return seat.oxygen === "assess"
      ? plain("tight", "May be used after an assessment of compression and cleanliness.", seen)
      : plain("fails", "The seat may be lit by a rush of oxygen.", {
          ...seen,
          remedy: "Virgin or modified PTFE, or metal.",
        });
  },
});

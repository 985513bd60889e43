import { hazardsUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";

export const oxygenSeat = rule({
  id: "envelope/oxygen-seat",
  asks: "Seat in oxygen",
  source: "Polymers that adiabatic compression can ignite (indicative)",
  inputs: ["hazards of the fluid", "seat"],
  dependsOn: ["seat.material"],
  notApplicableBecause: noOxygen,
  examine: ({ valve, duty }) => {
    const seat = valve.seat.material;
    const seen = {
      value: seat.name,
      limit: seat.oxygen,
      uses: [hazardsUsed(duty), used(`${seat.name} in oxygen`, seat.oxygen, "reference")],
    };
    return seat.oxygen === "assess"
      ? plain(
          "tight",
          "The seat is acceptable after an assessment of adiabatic compression and cleanliness.",
          seen,
        )
      : plain("fails", "Adiabatic compression of oxygen can ignite the seat.", {
          ...seen,
          remedy: "Use virgin or modified PTFE, or metal.",
        });
  },
});

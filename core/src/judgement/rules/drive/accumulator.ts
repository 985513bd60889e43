import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";

export const accumulator = rule({
  id: "drive/accumulator",
  asks: "Strokes left in the accumulator",
  source:
    "Oil between the pump's stop and start, gas at constant temperature (indicative), over the piston's volume",
  inputs: [
    "accumulator volume and precharge",
    "pump pressures",
    "piston and stroke",
    "house rule: strokes left",
  ],
  hangsOn: ["drive"],
  unraised: unlessByMotor,
  tight: "mild",
  examine: ({ drive, house }) => {
    const strokes = drive?.strokesLeft;
    if (strokes === undefined) return notAsked("No accumulator.");
    const few = strokes < house.strokesLeft;
    return plain(
      few ? "tight" : "holds",
      few
        ? "With the current gone it does not stroke as often as wanted."
        : "With the current gone it strokes as often as wanted.",
      {
        value: strokes,
        limit: house.strokesLeft,
        sense: "≥",
        unit: "",
        remedy: few ? "A larger accumulator." : null,
        uses: [used("strokes wanted", house.strokesLeft, "house rule")],
      },
    );
  },
});

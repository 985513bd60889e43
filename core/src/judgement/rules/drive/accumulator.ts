import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";

export const accumulator = rule({
  id: "drive/accumulator",
  asks: "Strokes from the accumulator",
  source:
    "Usable oil between pump stop and pump start (gas at constant temperature, indicative) divided by the swept volume of the piston",
  inputs: [
    "accumulator volume and precharge",
    "pump pressures",
    "piston and stroke",
    "house rule: strokes left",
  ],
  dependsOn: ["drive"],
  notApplicableBecause: unlessByMotor,
  tight: "mild",
  examine: ({ drive, house }) => {
    const strokes = drive?.strokesLeft;
    if (strokes === undefined) return notAsked("The actuator has no accumulator.");
    const few = strokes < house.strokesLeft;
    return plain(
      few ? "tight" : "holds",
      few
        ? "Without power the accumulator does not give the required number of strokes."
        : "Without power the accumulator gives the required number of strokes.",
      {
        value: strokes,
        limit: house.strokesLeft,
        sense: "≥",
        unit: "",
        remedy: few ? "Use a larger accumulator." : null,
        uses: [used("strokes required", house.strokesLeft, "house rule")],
      },
    );
  },
});

import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

export const voltage = rule({
  id: "drive/voltage",
  asks: "Voltage of the motor",
  source: "Lowest voltage at the motor against the one its torque is stated at",
  inputs: ["lowest voltage", "drive family: lowest voltage"],
  hangsOn: ["drive.family"],
  unraised: unlessByMotor,
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const value = duty.lowestVoltagePercent;
    const limit = family.lowestVoltagePercent;
    const uses = [
      stated("lowest voltage", value, duty.stated.lowestVoltagePercent, "%"),
      used("torque stated down to", limit ?? "not stated", "catalogue", limit === null ? "" : "%"),
    ];
    if (limit === null)
      return plain("tight", "The maker does not say down to which voltage it gives its torque.", {
        uses,
        remedy: "Ask the maker for the torque at the lowest voltage.",
      });
    const low = value < limit;
    return plain(
      low ? "fails" : "holds",
      low
        ? "At the lowest voltage it no longer gives its torque."
        : "It gives its torque down to the lowest voltage.",
      {
        value,
        limit,
        sense: "≥",
        unit: "%",
        remedy: low ? "A heavier cable, or a larger motor." : null,
        uses,
      },
    );
  },
});

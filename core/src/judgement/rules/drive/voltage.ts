import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

export const voltage = rule({
  id: "drive/voltage",
  asks: "Motor voltage",
  source: "Lowest voltage at the motor against the lowest voltage of the stated torque",
  inputs: ["lowest voltage", "actuator family: lowest voltage"],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByMotor,
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const value = duty.lowestVoltagePercent;
    const limit = family.lowestVoltagePercent;
    const uses = [
      stated("lowest voltage", value, duty.stated.lowestVoltagePercent, "%"),
      used("torque stated down to", limit ?? "not stated", "catalogue", limit === null ? "" : "%"),
    ];
    if (limit === null)
      return plain("tight", "The maker does not state the lowest voltage for the stated torque.", {
        uses,
        remedy: "Ask the maker for the torque at the lowest voltage.",
      });
    const low = value < limit;
    return plain(
      low ? "fails" : "holds",
      low
        ? "The lowest voltage is below the lowest voltage of the stated torque."
        : "The motor gives its stated torque at the lowest voltage.",
      {
        value,
        limit,
        sense: "≥",
        unit: "%",
        remedy: low ? "Use a heavier cable or a larger motor." : null,
        uses,
      },
    );
  },
});

import { stated, used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

export const motorSupply = rule({
  id: "drive/motor-supply",
  asks: "Motor supply",
  source: "Voltage and phases offered by the maker",
  inputs: ["motor supply", "actuator family: supplies"],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByMotor,
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const { motorSupplies } = family;
    const uses = [
      stated("supply", duty.motorSupply, duty.stated.motorSupply),
      used("offered for", motorSupplies?.join(", ") ?? "not stated", "catalogue"),
    ];
    if (motorSupplies === null) return cannotTell("voltages offered for the motor", { uses });
    return fits(
      motorSupplies.includes(duty.motorSupply),
      { holds: "The motor is offered for this supply.", fails: "The motor is not offered for this supply." },
      { uses, remedy: "Use a motor for this supply, or add a transformer." },
    );
  },
});

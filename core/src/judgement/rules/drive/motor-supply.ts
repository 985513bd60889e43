import { stated, used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

export const motorSupply = rule({
  id: "drive/motor-supply",
  asks: "Supply of the motor",
  source: "Voltage and phases the maker winds it for",
  inputs: ["supply of the motor", "drive family: supplies"],
  hangsOn: ["drive.family"],
  unraised: unlessByMotor,
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const { motorSupplies } = family;
    const uses = [
      stated("supply", duty.motorSupply, duty.stated.motorSupply),
      used("wound for", motorSupplies?.join(", ") ?? "not stated", "catalogue"),
    ];
    if (motorSupplies === null) return cannotTell("which voltage the motor is wound for", { uses });
    return fits(
      motorSupplies.includes(duty.motorSupply),
      { holds: "It is wound for the supply.", fails: "It is not wound for the supply." },
      { uses, remedy: "A motor for the supply, or a transformer at it." },
    );
  },
});

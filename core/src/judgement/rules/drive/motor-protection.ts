import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

const said = (has: boolean | null) => (has === null ? "not stated" : has ? "yes" : "no");

export const motorProtection = rule({
  id: "drive/motor-protection",
  asks: "Motor protection",
  source:
    "A stuck valve stalls the motor. Torque switches protect the stem, a thermal cut-out protects the winding (practice)",
  inputs: ["actuator family: torque switches", "actuator family: thermal cut-out"],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByMotor,
  examine: ({ drive }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const { torqueSwitches, thermalCutOut } = family;
    const uses = [
      used("torque switches", said(torqueSwitches), "catalogue"),
      used("thermal cut-out", said(thermalCutOut), "catalogue"),
    ];
    if (torqueSwitches && thermalCutOut)
      return plain("holds", "Torque switches protect the stem and a thermal cut-out protects the winding.", {
        uses,
      });
    return plain(
      "tight",
      torqueSwitches
        ? "No thermal cut-out is stated: a stuck valve can burn the winding."
        : thermalCutOut
          ? "No torque switches are stated: a stuck valve can overload the stem."
          : "Neither torque switches nor a thermal cut-out are stated: a stuck valve can damage stem and winding.",
      { uses, remedy: "Order torque switches and a thermal cut-out." },
    );
  },
});

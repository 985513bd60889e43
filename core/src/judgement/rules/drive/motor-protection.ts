import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

const said = (has: boolean | null) => (has === null ? "not stated" : has ? "yes" : "no");

export const motorProtection = rule({
  id: "drive/motor-protection",
  asks: "Motor stopped when it sticks",
  source:
    "A valve that sticks stalls the motor: torque switches spare the stem, a thermal cut-out the winding (practice)",
  inputs: ["drive family: torque switches", "drive family: thermal cut-out"],
  hangsOn: ["drive.family"],
  unraised: unlessByMotor,
  examine: ({ drive }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const { torqueSwitches, thermalCutOut } = family;
    const uses = [
      used("torque switches", said(torqueSwitches), "catalogue"),
      used("thermal cut-out", said(thermalCutOut), "catalogue"),
    ];
    if (torqueSwitches && thermalCutOut)
      return plain("holds", "Torque switches spare the stem, a cut-out the winding.", { uses });
    return plain(
      "tight",
      torqueSwitches
        ? "Nothing is known to spare the winding when it sticks."
        : thermalCutOut
          ? "Nothing is known to spare the stem when it sticks."
          : "Nothing is known to stop it when it sticks.",
      { uses, remedy: "Order it with torque switches and a thermal cut-out." },
    );
  },
});

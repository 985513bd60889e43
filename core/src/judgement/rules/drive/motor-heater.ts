import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

export const motorHeater = rule({
  id: "drive/motor-heater",
  asks: "Heater in the motor's housing",
  source: "What cools at night breathes wet air and rusts its switches (practice)",
  inputs: ["installation", "drive family: heater"],
  hangsOn: ["drive.family"],
  unraised: (duty) =>
    unlessByMotor(duty) ?? (duty.installation === "indoor" ? "It stands indoors, dry." : null),
  tight: "mild",
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const { heater } = family;
    const uses = [
      stated("installation", duty.installation, duty.stated.installation),
      used("heater", heater === null ? "not stated" : heater ? "yes" : "no", "catalogue"),
    ];
    return heater === true
      ? plain("holds", "A heater keeps its inside dry.", { uses })
      : plain("tight", "Nothing keeps its inside dry.", {
          uses,
          remedy: "Order it with a heater, fed also while the motor is off.",
        });
  },
});

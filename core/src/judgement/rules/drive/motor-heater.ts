import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

export const motorHeater = rule({
  id: "drive/motor-heater",
  asks: "Anti-condensation heater",
  source: "A housing that cools at night draws in wet air, which corrodes the switches (practice)",
  inputs: ["installation", "actuator family: heater"],
  dependsOn: ["drive.family"],
  notApplicableBecause: (duty) =>
    unlessByMotor(duty) ?? (duty.installation === "indoor" ? "The actuator is indoors and dry." : null),
  tight: "mild",
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const { heater } = family;
    const uses = [
      stated("installation", duty.installation, duty.stated.installation),
      used("heater", heater === null ? "not stated" : heater ? "yes" : "no", "catalogue"),
    ];
    return heater === true
      ? plain("holds", "A heater keeps the housing dry.", { uses })
      : plain("tight", "No heater is stated: condensation can corrode the switches.", {
          uses,
          remedy: "Order a heater with a supply of its own that stays on when the motor is off.",
        });
  },
});

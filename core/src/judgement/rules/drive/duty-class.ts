import { readDutyClass } from "../../../equipment/drives/by-motor.ts";
import { functionUsed, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

/** Whether a motor may run for as long as it has to. */
export const dutyClass = rule({
  id: "drive/duty-class",
  asks: "Duty class of the motor",
  source:
    "IEC 60034-1, S2 (short-time duty, minutes) and S4 (intermittent duty, share of the time); shares by house rule",
  inputs: ["function", "drive family: duty class", "stroke time", "house rules: time a motor runs"],
  dependsOn: ["drive"],
  notApplicableBecause: unlessByMotor,
  examine: ({ drive, duty, house }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const read = family.dutyClass === null ? null : readDutyClass(family.dutyClass);
    const throttles = duty.function.has("throttling");
    const uses = [functionUsed(duty), used("duty class", family.dutyClass ?? "not stated", "catalogue")];
    if (read === null)
      return plain("tight", "The maker does not state the duty class of the motor.", {
        uses,
        remedy: "Ask the maker for the duty class.",
      });
    if ("minutes" in read) {
      if (throttles)
        return plain("fails", "The motor is rated for short-time duty. A control loop runs it all day.", {
          uses,
          remedy: "Use a modulating motor, or a pneumatic actuator with a positioner.",
        });
      if (drive!.strokeSeconds === null) return cannotTell("stroking time of the motor", { uses });
      // One full cycle without rest, at its slowest.
      const value = (2 * drive!.strokeSeconds * (1 + house.makersTimePercent / 100)) / 60;
      const enough = value <= read.minutes;
      return plain(
        enough ? "holds" : "fails",
        enough
          ? "The rated running time is longer than one open and one close stroke."
          : "One open and one close stroke take longer than the rated running time.",
        {
          value,
          limit: read.minutes,
          sense: "≤",
          unit: "min",
          uses,
          remedy: enough ? null : "Use a faster motor or one with a longer duty rating.",
        },
      );
    }
    const limit = throttles ? house.modulatingDutyPercent : house.onOffDutyPercent;
    const enough = read.percent >= limit;
    return plain(
      enough ? "holds" : throttles ? "fails" : "tight",
      enough
        ? "The rated running share covers the duty."
        : "The rated running share is below the house rule.",
      {
        value: read.percent,
        limit,
        sense: "≥",
        unit: "%",
        uses: [...uses, used("running share", limit, "house rule", "%")],
        remedy: enough ? null : "Use a motor for modulating duty, or a pneumatic actuator.",
      },
    );
  },
});

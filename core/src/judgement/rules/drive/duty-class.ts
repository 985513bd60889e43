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
  source: "IEC 60034-1, S2 (minutes at a stretch) and S4 (share of the time); house shares",
  inputs: ["function", "drive family: duty class", "stroke time", "house rules: time a motor runs"],
  hangsOn: ["drive"],
  unraised: unlessByMotor,
  examine: ({ drive, duty, house }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const read = family.dutyClass === null ? null : readDutyClass(family.dutyClass);
    const throttles = duty.function.has("throttling");
    const uses = [functionUsed(duty), used("duty class", family.dutyClass ?? "not stated", "catalogue")];
    if (read === null)
      return plain("tight", "The maker does not say how long the motor may run.", {
        uses,
        remedy: "Ask the maker for its duty class.",
      });
    if ("minutes" in read) {
      if (throttles)
        return plain("fails", "It may run for minutes at a stretch, and a loop runs it all day.", {
          uses,
          remedy: "A modulating motor, or air with a positioner.",
        });
      if (drive!.strokeSeconds === null) return cannotTell("the stroke time of the motor", { uses });
      // There and back without a rest, at its slowest.
      const value = (2 * drive!.strokeSeconds * (1 + house.makersTimePercent / 100)) / 60;
      const enough = value <= read.minutes;
      return plain(
        enough ? "holds" : "fails",
        enough
          ? "It may run longer than there and back takes."
          : "There and back takes longer than it may run.",
        {
          value,
          limit: read.minutes,
          sense: "≤",
          unit: "min",
          uses,
          remedy: enough ? null : "A faster motor, or one for longer duty.",
        },
      );
    }
    const limit = throttles ? house.modulatingDutyPercent : house.onOffDutyPercent;
    const enough = read.percent >= limit;
    return plain(
      enough ? "holds" : throttles ? "fails" : "tight",
      enough
        ? "It may run as much of the time as it has to."
        : "It may run less of the time than the house asks.",
      {
        value: read.percent,
        limit,
        sense: "≥",
        unit: "%",
        uses: [...uses, used("time it runs", limit, "house rule", "%")],
        remedy: enough ? null : "A motor for modulating duty, or air.",
      },
    );
  },
});

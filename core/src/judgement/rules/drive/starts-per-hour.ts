import { against, inMargin } from "../compare.ts";
import { functionUsed, stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { motorOf } from "./motor.ts";

/** Strokes spread over a year; a motor is started once for each way. */
const hoursPerYear = 8760;

export const startsPerHour = rule({
  id: "drive/starts-per-hour",
  asks: "Starts of the motor",
  source: "Strokes per hour against the rated starts per hour (IEC 60034-1, S4)",
  inputs: [
    "strokes per year",
    "function",
    "actuator family: starts per hour",
    "house rule: starts of a motor that throttles",
  ],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByMotor,
  tight: "mild",
  examine: ({ drive, duty, house }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const limit = family.startsPerHour;
    const throttles = duty.function.has("throttling");
    const counted = (2 * duty.strokesPerYear) / hoursPerYear;
    // Strokes a year do not count the corrections of a loop.
    const starts = throttles ? Math.max(counted, house.throttlingStartsPerHour) : counted;
    const uses = [
      functionUsed(duty),
      stated("strokes per year", duty.strokesPerYear, duty.stated.strokesPerYear, ""),
      used("starts per hour", limit ?? "not stated", "catalogue"),
      ...(throttles
        ? [used("starts per hour in a control loop", house.throttlingStartsPerHour, "house rule")]
        : []),
    ];
    if (limit === null) {
      const seldom = starts <= 1;
      return plain(
        seldom ? "holds" : "tight",
        seldom
          ? "The motor starts so rarely that any motor is suitable."
          : "The maker does not state the permitted starts per hour.",
        { value: starts, unit: "", uses, remedy: seldom ? null : "Ask the maker for the duty class." },
      );
    }
    const measured = against(starts, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "The starts per hour exceed the motor rating."
        : "The starts per hour are within the motor rating.",
      {
        value: starts,
        limit,
        sense: "≤",
        unit: "",
        remedy: fails ? "Use a motor for modulating duty, or a pneumatic actuator." : null,
        uses,
      },
      inMargin(measured, "%", false),
    );
  },
});

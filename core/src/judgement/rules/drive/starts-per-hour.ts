import { against, inHand } from "../compare.ts";
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
  source: "Strokes an hour against the starts an hour a family is rated to (IEC 60034-1, S4)",
  inputs: [
    "strokes a year",
    "function",
    "drive family: starts an hour",
    "house rule: starts of a motor that throttles",
  ],
  hangsOn: ["drive.family"],
  unraised: unlessByMotor,
  tight: "mild",
  examine: ({ drive, duty, house }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const limit = family.startsPerHour;
    const throttles = duty.function.has("throttling");
    const counted = (2 * duty.strokesPerYear) / hoursPerYear;
    // Strokes a year do not count the corrections of a loop.
    const starts = throttles ? Math.max(counted, house.throttlingStartsPerHour) : counted;
    const uses = [
      functionUsed(duty),
      stated("strokes a year", duty.strokesPerYear, duty.stated.strokesPerYear, ""),
      used("starts an hour", limit ?? "not stated", "catalogue"),
      ...(throttles
        ? [used("starts a loop asks for, an hour", house.throttlingStartsPerHour, "house rule")]
        : []),
    ];
    if (limit === null) {
      const seldom = starts <= 1;
      return plain(
        seldom ? "holds" : "tight",
        seldom
          ? "Hardly ever started: any motor bears it."
          : "The maker does not say how often the motor may be started.",
        { value: starts, unit: "", uses, remedy: seldom ? null : "Ask the maker for its duty class." },
      );
    }
    const measured = against(starts, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails ? "The motor is started more often than it bears." : "The motor bears so many starts.",
      {
        value: starts,
        limit,
        sense: "≤",
        unit: "",
        remedy: fails ? "A motor for modulating duty, or air." : null,
        uses,
      },
      inHand(measured, "%", false),
    );
  },
});

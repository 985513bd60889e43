import type { StrokeName } from "../../../basis/stroke/profile.ts";
import { against, inHand } from "../compare.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { type Rule, rule } from "../rule.ts";
import { fastest, timed } from "./on-air.ts";
import { timing } from "./timing.ts";

const timeRule = (of: {
  readonly id: `drive/${string}`;
  readonly asks: string;
  readonly stroke: StrokeName;
  readonly field: "closesWithinS" | "opensWithinS";
  readonly unstated: string;
}): Rule =>
  rule({
    id: of.id,
    asks: of.asks,
    source:
      "Isothermal filling and emptying through ISO 6358 flow of solenoid valve, tube and exhaust, filled from the lowest air and vented from the highest; an estimate on the slow side, without the mass of what moves",
    inputs: ["time asked", "lowest air supply", "drive's volume", "torque demand", "house rules: air"],
    hangsOn: ["size", "cavity", "seat", "drive"],
    unraised: ({ stated }) => (stated[of.field] === null ? of.unstated : null),
    examine: (judged) => {
      if (!judged.drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
      const limit = judged.duty.stated[of.field]!;
      if (judged.demand.covering === null || judged.demand.unknown) return cannotTell("the torque demand");
      const time = timing(judged, of.stroke);
      if (time === null) return cannotTell("the stroke time of the drive, which its maker states");
      const onAir = timed(judged);
      if (onAir === null) return judgedBy(time.longestS!, limit, time.uses);
      const led = onAir.led();
      const kept = time.longestS !== null && time.longestS <= limit;
      const found = kept ? { way: led, seconds: time.longestS! } : fastest(onAir, of.stroke);
      if (found === null)
        return plain("fails", "It does not carry the stroke through at the lowest air.", {
          limit,
          unit: "s",
          remedy: "A larger drive, or more air.",
          uses: [used("volume swept", onAir.sweptL, "computed", "litres")],
        });
      return judgedBy(
        found.seconds,
        limit,
        [
          used("air led by", found.way.name, "computed"),
          used("volume swept", onAir.sweptL, "computed", "litres"),
          used("bore of tubing", judged.house.airTubeBoreMm, "house rule", "mm"),
          used(
            "valve that leads it, Cv",
            found.way.valveCv,
            found.way.fitted.length > 0 ? "catalogue" : "house rule",
          ),
        ],
        wayWords[found.way.name],
      );
    },
  });

/** A time against the one asked. */
function judgedBy(seconds: number, limit: number, uses: readonly Used[], how?: string): Outcome {
  const measured = against(seconds, limit, 0);
  const fails = measured.verdict === "fails";
  return plain(
    measured.verdict,
    fails
      ? how === undefined
        ? "It is too slow."
        : "However its air is led, it is too slow."
      : how === undefined
        ? "It is fast enough."
        : `It is fast enough ${how}.`,
    {
      value: seconds,
      limit,
      sense: "≤",
      unit: "s",
      remedy: fails
        ? how === undefined
          ? "A quicker drive."
          : "Larger valves at the drive, more air, or a smaller drive."
        : null,
      uses,
    },
    inHand(measured, "%", false),
  );
}

const wayWords = {
  "solenoid valve and tube": "with its solenoid valve and tube",
  "with quick exhaust": "with a quick exhaust at the drive",
  "with volume booster": "with a volume booster at the drive",
} as const;

export const closingTime = timeRule({
  id: "drive/closing-time",
  asks: "Time to close",
  stroke: "closing",
  field: "closesWithinS",
  unstated: "No time to close is asked for.",
});

export const openingTime = timeRule({
  id: "drive/opening-time",
  asks: "Time to open",
  stroke: "opening",
  field: "opensWithinS",
  unstated: "No time to open is asked for.",
});

import type { StrokeName } from "../../../basis/stroke/profile.ts";
import { against, inMargin } from "../compare.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { type Rule, rule } from "../rule.ts";
import { fastest, timed } from "./on-air.ts";
import { timing } from "./timing.ts";

const timeRule = (definition: {
  readonly id: `drive/${string}`;
  readonly asks: string;
  readonly stroke: StrokeName;
  readonly field: "closesWithinS" | "opensWithinS";
  readonly unstated: string;
}): Rule =>
  rule({
    id: definition.id,
    asks: definition.asks,
    source:
      "Isothermal filling at the lowest and venting from the highest air pressure through solenoid valve, tube and exhaust (ISO 6358). A conservative estimate without moving masses",
    inputs: ["required time", "lowest air supply", "actuator volume", "torque demand", "house rules: air"],
    dependsOn: ["size", "cavity", "seat", "drive"],
    notApplicableBecause: ({ stated }) => (stated[definition.field] === null ? definition.unstated : null),
    examine: (judged) => {
      if (!judged.drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
      const limit = judged.duty.stated[definition.field]!;
      if (judged.demand.covering === null || judged.demand.unknown) return cannotTell("torque demand");
      const time = timing(judged, definition.stroke);
      if (time === null) return cannotTell("stroking time stated by the actuator's maker");
      const onAir = timed(judged);
      if (onAir === null) return judgedBy(time.longestS!, limit, time.uses);
      const led = onAir.led();
      const kept = time.longestS !== null && time.longestS <= limit;
      const found = kept ? { way: led, seconds: time.longestS! } : fastest(onAir, definition.stroke);
      if (found === null)
        return plain("fails", "At the lowest air pressure the actuator cannot complete the stroke.", {
          limit,
          unit: "s",
          remedy: "Use a larger actuator or a higher air pressure.",
          uses: [used("swept volume", onAir.sweptL, "computed", "litres")],
        });
      return judgedBy(
        found.seconds,
        limit,
        [
          used("air supplied through", found.way.name, "computed"),
          used("swept volume", onAir.sweptL, "computed", "litres"),
          used("bore of tubing", judged.house.airTubeBoreMm, "house rule", "mm"),
          used(
            "Cv of the valve in the air line",
            found.way.valveCv,
            found.way.fitted.length > 0 ? "catalogue" : "house rule",
          ),
        ],
        wayWords[found.way.name],
      );
    },
  });

/** A stroking time against the one asked for. */
function judgedBy(seconds: number, limit: number, uses: readonly Used[], how?: string): Outcome {
  const measured = against(seconds, limit, 0);
  const fails = measured.verdict === "fails";
  return plain(
    measured.verdict,
    fails
      ? how === undefined
        ? "The stroking time exceeds the required time."
        : "The stroking time exceeds the required time with every accessory offered."
      : how === undefined
        ? "The stroking time is within the required time."
        : `The stroking time is within the required time ${how}.`,
    {
      value: seconds,
      limit,
      sense: "≤",
      unit: "s",
      remedy: fails
        ? how === undefined
          ? "Use a faster actuator."
          : "Use larger air valves, a higher air pressure or an actuator with a smaller volume."
        : null,
      uses,
    },
    inMargin(measured, "%", false),
  );
}

const wayWords = {
  "solenoid valve and tube": "with its solenoid valve and tube",
  "with quick exhaust": "with a quick exhaust valve at the actuator",
  "with volume booster": "with a volume booster at the actuator",
} as const;

export const closingTime = timeRule({
  id: "drive/closing-time",
  asks: "Closing time",
  stroke: "closing",
  field: "closesWithinS",
  unstated: "The duty asks for no closing time.",
});

export const openingTime = timeRule({
  id: "drive/opening-time",
  asks: "Opening time",
  stroke: "opening",
  field: "opensWithinS",
  unstated: "The duty asks for no opening time.",
});

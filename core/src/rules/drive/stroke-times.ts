import type { StrokeName } from "../../stroke/index.ts";
import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { type Rule, rule } from "../rule.ts";
import { plainestWithin, timed } from "./on-air.ts";

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
      const onAir = timed(judged);
      if (onAir === null) return cannotTell("the stroke time of the drive, which its maker states");
      const found = plainestWithin(onAir, of.stroke, limit);
      if (found === null)
        return plain("fails", "It does not carry the stroke through at the lowest air.", {
          limit,
          unit: "s",
          remedy: "A larger drive, or more air.",
          uses: [used("volume swept, litres", onAir.sweptL, "computed")],
        });
      const measured = against(found.seconds, limit, 0);
      const fails = measured.verdict === "fails";
      return plain(
        measured.verdict,
        fails ? "However its air is led, it is too slow." : `It is fast enough ${wayWords[found.name]}.`,
        {
          value: found.seconds,
          limit,
          sense: "≤",
          unit: "s",
          remedy: fails ? "Larger valves at the drive, more air, or a smaller drive." : null,
          uses: () => [
            used("air led by", found.name, "computed"),
            used("volume swept, litres", onAir.sweptL, "computed"),
            used("bore of tubing", judged.house.airTubeBoreMm, "house rule", "mm"),
            used("solenoid valve, Cv", judged.house.solenoidCv, "house rule"),
          ],
        },
        inHand(measured, "%", false),
      );
    },
  });

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

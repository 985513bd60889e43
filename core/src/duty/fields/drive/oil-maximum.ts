import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";
import { oilMinimum } from "./oil-minimum.ts";

export const oilMaximum: AssumedField<"oilMaximumBarG", number | null> = {
  path: "oilMaximumBarG",
  label: "Highest oil supply",
  group: "drive",
  ...quantity("pressure", "Highest oil supply", [0, 700], "bar g"),
  headings: ["highest oil supply", "oil max", "max oil", "hydraulic maximum"],
  means: ["hydraulic maximum", "hydraulic pressure maximum", "hydraulic supply pressure maximum"],
  range: { name: "oil supply", end: "high", crossed: "Highest oil supply is below the lowest." },
  why: "Stem and pad must carry the peak torque of a hydraulic actuator at this pressure.",
  raised: ({ operator }) => operator === "hydraulic",
  settle: (duty, house) =>
    duty.oilMaximumBarG ?? Math.max(house.assumedOilMaximumBarG, oilMinimum.settle(duty, house)),
  otherwise: () => [250],
  moves: [0, 700],
};

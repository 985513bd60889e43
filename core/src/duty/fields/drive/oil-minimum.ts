import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";

export const oilMinimum: AssumedField<"oilMinimumBarG", number | null> = {
  path: "oilMinimumBarG",
  label: "Lowest oil supply",
  group: "drive",
  ...quantity("pressure", "Lowest oil supply", [0, 700], "bar g"),
  headings: ["lowest oil supply", "oil min", "min oil", "hydraulic minimum"],
  means: [
    "hydraulic minimum",
    "hydraulic pressure minimum",
    "hydraulic supply pressure minimum",
    "~hydraulic pressure",
    "~hydraulic supply pressure",
  ],
  range: { name: "oil supply", end: "low", crossed: "Highest oil supply is below the lowest." },
  why: "A hydraulic actuator is sized at this pressure.",
  raised: ({ operator }) => operator === "hydraulic",
  settle: (duty, house) =>
    duty.oilMinimumBarG ??
    Math.min(house.assumedOilMinimumBarG, duty.oilMaximumBarG ?? Number.POSITIVE_INFINITY),
  otherwise: () => [60],
  moves: [0, 700],
};

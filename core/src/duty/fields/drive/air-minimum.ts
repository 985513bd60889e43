import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";
import { usesAir } from "./uses-air.ts";

export const airMinimum: AssumedField<"airMinimumBarG", number | null> = {
  path: "airMinimumBarG",
  label: "Lowest air supply",
  group: "drive",
  ...quantity("pressure", "Lowest air supply", [0, 16], "bar g"),
  headings: ["lowest air supply", "air min", "min air", "minimum air supply"],
  means: [
    "air minimum",
    "air supply minimum",
    "air pressure minimum",
    "air supply pressure minimum",
    "supply pressure minimum",
    "~air",
    "~air supply",
    "~air pressure",
    "~air supply pressure",
    "~supply pressure",
  ],
  range: { name: "air supply", end: "low", crossed: "Maximum air supply is below the minimum." },
  why: "The actuator is sized at this pressure.",
  raised: usesAir,
  settle: (duty, house) =>
    duty.airMinimumBarG ??
    Math.min(house.assumedAirMinimumBarG, duty.airMaximumBarG ?? Number.POSITIVE_INFINITY),
  otherwise: () => [3],
  moves: [0, 16],
};

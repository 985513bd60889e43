import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";
import { airMinimum } from "./air-minimum.ts";
import { usesAir } from "./uses-air.ts";

export const airMaximum: AssumedField<"airMaximumBarG", number | null> = {
  path: "airMaximumBarG",
  label: "Highest air supply",
  group: "drive",
  ...quantity("pressure", "Highest air supply", [0, 16], "bar g"),
  headings: ["highest air supply", "air max", "max air", "maximum air supply"],
  means: [
    "air maximum",
    "air supply maximum",
    "air pressure maximum",
    "air supply pressure maximum",
    "supply pressure maximum",
    "air design pressure",
  ],
  range: { name: "air supply", end: "high", crossed: "Maximum air supply is below the minimum." },
  why: "Stem and pad must carry the peak torque of the actuator at this pressure.",
  raised: usesAir,
  settle: (duty, house) =>
    duty.airMaximumBarG ?? Math.max(house.assumedAirMaximumBarG, airMinimum.settle(duty, house)),
  otherwise: () => [10],
  moves: [0, 16],
};

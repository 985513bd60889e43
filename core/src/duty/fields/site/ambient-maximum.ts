import type { AssumedField } from "../field.ts";
import { temperature } from "../holds.ts";
import { absoluteZeroC } from "../limits.ts";

export const ambientMaximum: AssumedField<"ambientMaximumC", number | null> = {
  path: "ambientMaximumC",
  label: "Highest ambient",
  group: "site",
  ...temperature(),
  headings: ["highest ambient", "ambient max", "max ambient"],
  means: ["ambient maximum", "ambient temperature maximum", "~ambient temperature", "~ambient"],
  range: { name: "ambient", end: "high", crossed: "Highest ambient is below the lowest." },
  why: "Sun and ambient heat warm a cavity that was closed cold.",
  settle: (duty, house) =>
    duty.ambientMaximumC ?? Math.max(house.assumedAmbientMaximumC, duty.ambientMinimumC ?? absoluteZeroC),
  otherwise: (duty) => [Math.max(60, duty.ambientMinimumC ?? 60)],
  moves: [-60, 120],
};

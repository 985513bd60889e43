import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const longestShut: AssumedField<"longestShutDays", number | null> = {
  path: "longestShutDays",
  label: "Longest shut",
  group: "task",
  ...number("Longest shut", [0, 20_000], "days"),
  headings: ["longest shut", "longest shut, days", "days shut"],
  means: ["shut days", "days shut"],
  why: "A soft seat held shut needs more torque to break.",
  settle: (duty, house) => duty.longestShutDays ?? house.assumedLongestShutDays,
  otherwise: () => [730],
  moves: [0, 20_000],
};

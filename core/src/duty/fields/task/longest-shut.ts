import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const longestShut: AssumedField<"longestShutDays", number | null> = {
  path: "longestShutDays",
  label: "Longest time closed",
  group: "task",
  ...number("Longest time closed", [0, 20_000], "days"),
  headings: ["longest shut", "longest shut, days", "days shut"],
  means: ["shut days", "days shut"],
  why: "A soft seat kept closed needs a higher breakaway torque.",
  settle: (duty, house) => duty.longestShutDays ?? house.assumedLongestShutDays,
  otherwise: () => [730],
  moves: [0, 20_000],
};

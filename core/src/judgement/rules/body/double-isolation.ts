import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { functionUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

/** The stronger requirement where both are asked, or where shut cases press from either side; null where none is. */
function promiseOf({ function: functions, stated }: SettledDuty): "one way" | "both ways" | null {
  if (functions.has("double isolation, both ways")) return "both ways";
  if (!functions.has("double isolation, one way")) return null;
  const sides = new Set(stated.cases.flatMap((c) => (c.mayBeShut && c.kind !== "fire" ? [c.flow] : [])));
  return sides.size > 1 ? "both ways" : "one way";
}

export const doubleIsolation = rule({
  id: "body/double-isolation",
  asks: "Double isolation",
  source: "Number of seats that hold at the same time against pressure from one side (API 6D)",
  inputs: ["function", "cavity arrangement"],
  dependsOn: ["line", "cavity"],
  notApplicableBecause: (duty) => (promiseOf(duty) ? null : "One barrier is enough for this function."),
  examine: ({ valve, duty }) => {
    const asked = promiseOf(duty);
    const { forward, reverse } = valve.cavity.barriers;
    const have = asked === "both ways" ? Math.min(forward, reverse) : Math.max(forward, reverse);
    return fits(
      have >= 2,
      {
        holds: "Two seats hold against pressure from the specified side.",
        fails:
          valve.cavity.id === "two self-relieving"
            ? "Two self-relieving seats are one barrier: fluid that passes the first seat lifts the second."
            : "Only one seat holds against pressure from one side.",
      },
      {
        value: 2,
        limit: have,
        sense: "≤",
        remedy:
          asked === "both ways"
            ? "Use two double-piston seats with an external cavity relief."
            : "Use a double-piston seat downstream.",
        uses: [
          functionUsed(duty),
          used("barriers from upstream", forward, "catalogue"),
          used("barriers from downstream", reverse, "catalogue"),
          used("cavity arrangement", valve.cavity.name, "catalogue"),
        ],
      },
    );
  },
});

import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

const promises: Record<string, "one way" | "both ways"> = {
  "double isolation, one way": "one way",
  "double isolation, both ways": "both ways",
};

export const doubleIsolation = rule({
  id: "body/double-isolation",
  asks: "Double isolation",
  source: "Seats that hold at once against pressure from one side, counted honestly (API 6D)",
  inputs: ["function", "cavity arrangement"],
  hangsOn: "line and cavity",
  unraised: (duty) => (promises[duty.function] ? null : "One barrier is enough for this function."),
  examine: ({ valve, duty }) => {
    const asked = promises[duty.function]!;
    const { forward, reverse } = valve.cavity.barriers;
    const have = asked === "both ways" ? Math.min(forward, reverse) : Math.max(forward, reverse);
    return fits(
      have >= 2,
      {
        holds: "Two seats stand against pressure from the side asked.",
        fails:
          valve.cavity.id === "two self-relieving"
            ? "Two self-relieving seats are one barrier: what passes the first lifts the second."
            : "Only one seat stands against pressure from one side.",
      },
      {
        value: 2,
        limit: have,
        sense: "≤",
        remedy:
          asked === "both ways"
            ? "Two double-piston seats, the cavity relieved outside."
            : "A double-piston seat downstream.",
        uses: [
          stated("function", duty.function, duty.stated.function),
          used("barriers from upstream", forward, "catalogue"),
          used("barriers from downstream", reverse, "catalogue"),
          used("cavity arrangement", valve.cavity.name, "catalogue"),
        ],
      },
    );
  },
});

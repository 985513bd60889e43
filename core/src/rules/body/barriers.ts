import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const barriers = rule({
  id: "body/barriers",
  asks: "Barriers for block and bleed",
  source: "Two seats, each tight against line pressure with the cavity vented",
  inputs: ["function", "product line's barriers"],
  hangsOn: "size, seat and drive",
  sharedBy: ({ valve }) => valve.line.id,
  examine: ({ valve, duty }) => {
    if (duty.function !== "double block and bleed")
      return notAsked("One barrier is enough for this function.");
    const enough = valve.line.barriers >= 2;
    return plain(
      enough ? "holds" : "fails",
      enough
        ? "Both seats hold line pressure against a vented cavity."
        : "Only one seat holds at a time; the cavity cannot be bled in service.",
      {
        value: 2,
        limit: valve.line.barriers,
        sense: "≤",
        remedy: enough ? null : "A trunnion-mounted ball with two spring seats.",
        uses: [
          { what: "function", value: duty.function, unit: "", origin: "entered" },
          {
            what: "barriers with the cavity bled",
            value: valve.line.barriers,
            unit: "",
            origin: "catalogue",
          },
        ],
      },
    );
  },
});

import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const strokeKind = rule({
  id: "drive/stroke-kind",
  asks: "Drive suits the stroke",
  source: "A quarter-turn drive does not turn a rising stem",
  inputs: ["operator", "construction"],
  hangsOn: ["line"],
  examine: ({ valve, duty }) => {
    const quarter = valve.construction.stroke === "quarter turn";
    if (quarter) return notAsked("A quarter turn.");
    const byHand = duty.operator === "bare stem";
    return fits(
      byHand,
      { holds: "The handwheel turns it.", fails: "No drive on the shelf turns a rising stem." },
      {
        value: duty.operator,
        limit: valve.construction.stroke,
        remedy: "A handwheel, or a multi-turn drive from the maker.",
        uses: [
          stated("operator", duty.operator, duty.stated.operator),
          used("stroke", valve.construction.stroke, "catalogue"),
        ],
      },
    );
  },
});

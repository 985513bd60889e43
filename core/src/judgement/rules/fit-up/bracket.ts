import { used } from "../inputs.ts";
import { memberRule } from "./member-rule.ts";

export const bracket = memberRule({
  id: "fit-up/bracket",
  asks: "Bracket",
  source:
    "Bending of two legs fixed at both plates, by peak output torque and weight, with a share of the yield strength by house rule",
  inputs: ["valve's mounting pad", "actuator flange", "house rules: bracket steel"],
  carried: ({ bracket: made }) =>
    made
      ? {
          carriesNm: made.carriesNm,
          uses: [
            ...(made.made
              ? [used("standard part", `${made.made.maker} ${made.made.item}`, "catalogue")]
              : []),
            used("height", made.heightMm, "computed", "mm"),
            used("width of its legs", made.plateWidthMm, "computed", "mm"),
            used("plate", made.plateMm, "computed", "mm"),
          ],
        }
      : "The actuator needs no bracket.",
  holds: "The bracket carries the peak output torque.",
  fails: "The peak output torque exceeds the strength of the bracket legs.",
  remedy: "Use a bracket of stronger steel or with a box section.",
});

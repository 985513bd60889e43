import { used } from "../inputs.ts";
import { memberRule } from "./member-rule.ts";

export const bracket = memberRule({
  id: "fit-up/bracket",
  asks: "Bracket",
  source:
    "Bending of two legs held at both plates by the drive's peak and by what hangs on them, house share of the yield",
  inputs: ["valve's mounting pad", "drive flange", "house rules: bracket steel"],
  carried: ({ bracket: made }) =>
    made
      ? {
          carriesNm: made.carriesNm,
          uses: [
            ...(made.made ? [used("in series", `${made.made.maker} ${made.made.item}`, "catalogue")] : []),
            used("height", made.heightMm, "computed", "mm"),
            used("width of its legs", made.plateWidthMm, "computed", "mm"),
            used("plate", made.plateMm, "computed", "mm"),
          ],
        }
      : "No bracket stands between.",
  holds: "The bracket carries the peak.",
  fails: "The legs of the bracket twist before the drive gives up.",
  remedy: "A bracket of stronger steel or of a box section.",
});

import { used } from "../inputs.ts";
import { memberRule } from "./member-rule.ts";

export const screws = memberRule({
  id: "fit-up/screws",
  asks: "Screws of the pad",
  source: "`bolt-tightening` (VDI 2230): friction of the faces under the screws' preload, n·F·μ·PCD/2",
  inputs: ["house rules: screws, frictions"],
  carried: ({ lowerScrews, upperScrews }) => {
    if (!lowerScrews) return "It sits on the stem; no screws of a pad hold it.";
    const least =
      upperScrews && upperScrews.transmissibleNm < lowerScrews.transmissibleNm ? upperScrews : lowerScrews;
    return {
      carriesNm: least.transmissibleNm,
      uses: [
        used(
          `screws of ${least.pad.flange}`,
          `${least.pad.boltCount} × ${least.pad.bolt}, ${least.grade}`,
          "house rule",
        ),
        used("preload of each", least.preloadN, "computed", "N"),
        used("tightening torque, lubricated", least.lubricatedNm, "computed", "N·m"),
        used("tightening torque, dry", least.dryNm, "computed", "N·m"),
      ],
    };
  },
  holds: "Friction under the screws holds the drive at its peak.",
  fails: "At its peak the drive slips on its pad and shears at the screws.",
  remedy: "Screws of a stronger grade, dowels, or a larger pad.",
});

import { used } from "../inputs.ts";
import { memberRule } from "./member-rule.ts";

export const screws = memberRule({
  id: "fit-up/screws",
  asks: "Mounting screws",
  source:
    "`bolt-tightening` (VDI 2230): friction between the faces under the preload of the screws, n·F·μ·PCD/2",
  inputs: ["house rules: screws, frictions"],
  carried: ({ lowerScrews, upperScrews }) => {
    if (!lowerScrews) return "The operator sits on the stem without pad screws.";
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
        used("preload of each screw", least.preloadN, "computed", "N"),
        used("tightening torque, lubricated", least.lubricatedNm, "computed", "N·m"),
        used("tightening torque, dry", least.dryNm, "computed", "N·m"),
      ],
    };
  },
  holds: "Friction under the screws carries the peak output torque.",
  fails:
    "The peak output torque exceeds the friction of the joint: the actuator slips and loads the screws in shear.",
  remedy: "Use screws of a higher grade, dowels or a larger pad.",
});

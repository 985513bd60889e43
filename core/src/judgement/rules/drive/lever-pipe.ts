import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

/** A pipe over a lever doubles it; nobody finds a longer one at hand. */
const lengthened = 2;

export const leverPipe = rule({
  id: "drive/lever-pipe",
  asks: "A pipe over the lever",
  source: "Hardest pull of a hand on a lever twice as long, against the maximum allowable stem torque",
  inputs: ["lever length", "house rule: force a hand can give", "maximum allowable stem torque"],
  hangsOn: ["size", "drive"],
  unraised: unlessByHand,
  tight: "mild",
  examine: ({ valve, drive, duty }) => {
    if (drive?.leverMm === undefined) return notAsked("No lever.");
    const pulledNm = (duty.hand.hardestN * lengthened * drive.leverMm) / 1000;
    const limit = valve.size.maximumStemTorqueNm;
    const breaks = against(pulledNm, limit, 0).verdict === "fails";
    return plain(
      breaks ? "tight" : "holds",
      breaks
        ? "A pipe slipped over the lever can break the stem: forbid it on the tag."
        : "Even with a pipe over the lever the stem holds; a pipe is still no solution.",
      {
        value: pulledNm,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy: breaks ? "A gearbox where one hand is not enough." : null,
        uses: [
          used("hand, when it must", duty.hand.hardestN, "house rule", "N"),
          used("lever with the pipe", lengthened * drive.leverMm, "computed", "mm"),
          used("maximum allowable stem torque", limit, "catalogue", "N·m"),
        ],
      },
    );
  },
});

import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

/** A pipe over a lever doubles it; longer pipes are rarely at hand. */
const lengthened = 2;

export const leverPipe = rule({
  id: "drive/lever-pipe",
  asks: "Lever extended with a pipe",
  source: "Highest hand force on a lever of twice the length against the maximum allowable stem torque",
  inputs: ["lever length", "house rule: force a hand can give", "maximum allowable stem torque"],
  dependsOn: ["size", "drive"],
  notApplicableBecause: unlessByHand,
  tight: "mild",
  examine: ({ valve, drive, duty }) => {
    if (drive?.leverMm === undefined) return notAsked("The operator is not a lever.");
    const pulledNm = (duty.hand.hardestN * lengthened * drive.leverMm) / 1000;
    const limit = valve.size.maximumStemTorqueNm;
    const breaks = against(pulledNm, limit, 0).verdict === "fails";
    return plain(
      breaks ? "tight" : "holds",
      breaks
        ? "A pipe on the lever can break the stem. Forbid it on the tag."
        : "The stem carries the torque even with a pipe on the lever. Do not use a pipe all the same.",
      {
        value: pulledNm,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy: breaks ? "Use a gearbox if one hand is not enough." : null,
        uses: [
          used("highest hand force", duty.hand.hardestN, "house rule", "N"),
          used("lever length with the pipe", lengthened * drive.leverMm, "computed", "mm"),
          used("maximum allowable stem torque", limit, "catalogue", "N·m"),
        ],
      },
    );
  },
});

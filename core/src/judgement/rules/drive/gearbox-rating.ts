import { peakOf } from "../../../basis/stroke/profile.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const gearboxRating = rule({
  id: "drive/gearbox-rating",
  asks: "Gearbox rating",
  source: "Output torque at the highest hand force against the rated torque of the gearbox",
  inputs: ["gear ratio", "efficiency", "wheel diameter", "house rule: force a hand can give", "rated torque"],
  dependsOn: ["drive"],
  notApplicableBecause: unlessByHand,
  tight: "mild",
  examine: ({ drive, duty }) => {
    const limit = drive?.ratedTorqueNm;
    if (!drive || limit === undefined) return notAsked("The operator has no gearbox.");
    const peakNm = peakOf(drive.outputAt(duty, "highest"));
    const measured = against(peakNm, limit, 0);
    const over = measured.verdict === "fails";
    return plain(
      over ? "tight" : "holds",
      over
        ? "The highest hand force on the wheel can overload the gearbox at its stop."
        : "The highest hand force on the wheel stays within the gearbox rating.",
      {
        value: peakNm,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy: over ? "Use a smaller handwheel, or put a warning on the tag." : null,
        uses: [
          used("highest hand force", duty.hand.hardestN, "house rule", "N"),
          used("rated torque", limit, "catalogue", "N·m"),
        ],
      },
    );
  },
});

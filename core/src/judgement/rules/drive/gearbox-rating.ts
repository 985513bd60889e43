import { peakOf } from "../../../basis/stroke/profile.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const gearboxRating = rule({
  id: "drive/gearbox-rating",
  asks: "Gearbox rating",
  source: "Output at the hardest pull of a hand against the gearbox's rated torque",
  inputs: ["gear ratio", "efficiency", "wheel diameter", "house rule: force a hand can give", "rated torque"],
  hangsOn: ["drive"],
  unraised: unlessByHand,
  tight: "mild",
  examine: ({ drive, duty }) => {
    const limit = drive?.ratedTorqueNm;
    if (!drive || limit === undefined) return notAsked("No gearbox.");
    const peakNm = peakOf(drive.outputAt(duty, "highest"));
    const measured = against(peakNm, limit, 0);
    const over = measured.verdict === "fails";
    return plain(
      over ? "tight" : "holds",
      over
        ? "A strong hand at the wheel can overload the gearbox at its stop."
        : "No hand at the wheel overloads the gearbox.",
      {
        value: peakNm,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy: over ? "A smaller wheel, or a note on the tag." : null,
        uses: [
          used("hand, when it must", duty.hand.hardestN, "house rule", "N"),
          used("rated torque", limit, "catalogue", "N·m"),
        ],
      },
    );
  },
});

import { stemThrustN } from "../../../mechanics/torque/stem-thrust.ts";
import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Thrust beside torque: what a nut makes of a drive's peak must be stood by stem and drive. */
export const stemThrust = rule({
  id: "drive/stem-thrust",
  asks: "Thrust on a rising stem",
  source:
    "Statics of a trapezoidal thread at its lowest friction, at the drive's peak, against what stem and drive stand",
  inputs: ["drive output", "stem: thread, highest thrust", "drive: highest thrust", "house rule: thread"],
  hangsOn: ["size", "drive"],
  examine: ({ valve: { size, construction }, drive, supplied, house }) => {
    if (construction.stroke !== "rising stem") return notAsked("Its stem turns and does not rise.");
    if (!drive || !supplied) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const { stemThread } = size;
    if (stemThread === null) return cannotTell("the thread of the stem and the thrust it stands");
    const { maximumThrustN = null } = drive.family.sizes.find(({ id }) => id === drive.sizeId) as {
      readonly maximumThrustN?: number | null;
    };
    if (maximumThrustN === null) return cannotTell("the thrust the drive stands");
    const value = stemThrustN(supplied.peakNm, stemThread, house.threadFrictionLow) / 1000;
    const stem = stemThread.maximumThrustN / 1000;
    const limit = Math.min(stem, maximumThrustN / 1000);
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? limit === stem
          ? "At full supply it thrusts harder than the stem stands."
          : "At full supply it thrusts harder than its own bearing stands."
        : "Stem and drive stand the thrust at full supply.",
      {
        value,
        limit,
        sense: "≤",
        unit: "kN",
        remedy: fails ? "A smaller drive, its torque switch set lower, or a stronger stem." : null,
        uses: () => [
          used("peak output", supplied.peakNm, "computed", "N·m"),
          used("lead of the thread", stemThread.leadMm, "catalogue", "mm"),
          used("its mean diameter", stemThread.meanDiameterMm, "catalogue", "mm"),
          used("friction of the thread, at its lowest", house.threadFrictionLow, "house rule"),
          used("the stem stands", stem, "catalogue", "kN"),
          used("the drive stands", maximumThrustN / 1000, "catalogue", "kN"),
        ],
      },
      inHand(measured, "%", false),
    );
  },
});

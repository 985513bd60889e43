import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { nothingPutOn, putOn } from "./put-on.ts";

/** Whether the drive goes onto the valve, and over what: a bracket and a coupling can be drawn for any two. */
export const joint = rule({
  id: "fit-up/joint",
  asks: "Drive onto stem",
  source: "ISO 5211 driving components: flange, shape and depth on both sides",
  inputs: ["end of the stem", "bore of the drive", "valve's mounting pad", "lagging"],
  hangsOn: ["size", "drive"],
  examine: (judged) => {
    const fitUp = putOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    const { stemEnd } = judged.valve.size;
    const uses = [
      used("valve pad", fitUp.pad.flange, "catalogue"),
      used("drive flange", fitUp.flange.flange, "catalogue"),
      ...(stemEnd ? [used(`stem, ${stemEnd.form}`, stemEnd.acrossMm, "catalogue", "mm")] : []),
    ];
    if (stemEnd === null) return cannotTell("the shape and size of the stem's end", { uses });
    if (fitUp.meeting === null) return cannotTell("the shape and size of the drive's bore", { uses });
    const { engagementMm, leastEngagementMm, obstacle } = fitUp.meeting;
    if (fitUp.joint === "on the stem" && obstacle !== null)
      return plain("fails", "It does not go onto the stem.", {
        value: stemEnd.acrossMm,
        unit: "mm",
        decides: obstacle,
        remedy: "One made for this stem.",
        uses,
      });
    return plain(
      "holds",
      fitUp.joint === "over a bracket"
        ? `It goes on over a bracket and a coupling: ${fitUp.obstacle}.`
        : fitUp.joint === "on the stem"
          ? "It goes onto the stem."
          : fitUp.meeting.sleeve
            ? "It bolts on directly, with a sleeve in its bore."
            : "It bolts on directly.",
      {
        value: fitUp.joint,
        uses: [
          ...uses,
          used("engagement", engagementMm, "computed", "mm"),
          used("engagement wanted", leastEngagementMm, "house rule", "mm"),
        ],
      },
    );
  },
});

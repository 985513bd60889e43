import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { mountedOn, nothingPutOn } from "./mounted-on.ts";

/** How the actuator is mounted on the valve. A bracket and a coupling can be drawn for any two. */
export const joint = rule({
  id: "fit-up/joint",
  asks: "Actuator on the stem",
  source: "ISO 5211 driving components: flange, shape and depth of valve and actuator",
  inputs: ["stem end", "actuator bore", "valve's mounting pad", "lagging"],
  dependsOn: ["size", "drive"],
  examine: (judged) => {
    const fitUp = mountedOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    const { stemEnd } = judged.valve.size;
    const uses = [
      used("valve pad", fitUp.pad.flange, "catalogue"),
      used("actuator flange", fitUp.flange.flange, "catalogue"),
      ...(stemEnd ? [used(`stem, ${stemEnd.form}`, stemEnd.acrossMm, "catalogue", "mm")] : []),
    ];
    if (stemEnd === null) return cannotTell("shape and size of the stem end", { uses });
    if (fitUp.meeting === null) return cannotTell("shape and size of the actuator bore", { uses });
    const { engagementMm, leastEngagementMm, obstacle } = fitUp.meeting;
    if (fitUp.joint === "on the stem" && obstacle !== null)
      return plain("fails", "The operator does not fit the stem.", {
        value: stemEnd.acrossMm,
        unit: "mm",
        decides: obstacle,
        remedy: "Use an operator made for this stem.",
        uses,
      });
    return plain(
      "holds",
      fitUp.joint === "over a bracket"
        ? `The actuator needs a bracket and a coupling: ${fitUp.obstacle}.`
        : fitUp.joint === "on the stem"
          ? "The operator fits the stem."
          : fitUp.meeting.sleeve
            ? "The actuator mounts directly, with a sleeve in its bore."
            : "The actuator mounts directly.",
      {
        value: fitUp.joint,
        uses: [
          ...uses,
          used("engagement", engagementMm, "computed", "mm"),
          used("engagement required", leastEngagementMm, "house rule", "mm"),
        ],
      },
    );
  },
});

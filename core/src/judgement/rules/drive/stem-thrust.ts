import { stemThrustN } from "../../../mechanics/torque/stem-thrust.ts";
import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Thrust of a stem nut at the actuator's peak torque, against the limits of stem and actuator. */
export const stemThrust = rule({
  id: "drive/stem-thrust",
  asks: "Stem thrust",
  source:
    "Thrust of a trapezoidal thread at its lowest friction and the peak output torque, against the limits of stem and actuator",
  inputs: [
    "actuator output",
    "stem: thread, highest thrust",
    "actuator: highest thrust",
    "house rule: thread",
  ],
  dependsOn: ["size", "drive"],
  examine: ({ valve: { size, construction }, drive, supplied, house }) => {
    if (construction.stroke !== "rising stem") return notAsked("The stem turns and does not rise.");
    if (!drive || !supplied) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { stemThread } = size;
    if (stemThread === null) return cannotTell("stem thread and highest permitted thrust");
    const { maximumThrustN = null } = drive.family.sizes.find(({ id }) => id === drive.sizeId) as {
      readonly maximumThrustN?: number | null;
    };
    if (maximumThrustN === null) return cannotTell("highest permitted thrust of the actuator");
    const value = stemThrustN(supplied.peakNm, stemThread, house.threadFrictionLow) / 1000;
    const stem = stemThread.maximumThrustN / 1000;
    const limit = Math.min(stem, maximumThrustN / 1000);
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? limit === stem
          ? "At the highest supply the thrust exceeds the stem limit."
          : "At the highest supply the thrust exceeds the limit of the actuator's thrust bearing."
        : "At the highest supply the thrust is within the limits of stem and actuator.",
      {
        value,
        limit,
        sense: "≤",
        unit: "kN",
        remedy: fails ? "Use a smaller actuator, a lower torque switch setting or a stronger stem." : null,
        uses: () => [
          used("peak output", supplied.peakNm, "computed", "N·m"),
          used("lead of the thread", stemThread.leadMm, "catalogue", "mm"),
          used("mean diameter of the thread", stemThread.meanDiameterMm, "catalogue", "mm"),
          used("lowest thread friction", house.threadFrictionLow, "house rule"),
          used("stem limit", stem, "catalogue", "kN"),
          used("actuator limit", maximumThrustN / 1000, "catalogue", "kN"),
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});

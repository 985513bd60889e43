import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { nothingPutOn } from "./mounted-on.ts";

/** Whether the actuator fits between the pipe and its neighbour. */
export const neighbour = rule({
  id: "fit-up/neighbour",
  asks: "Space beside the pipe",
  source: "Geometry: actuator in line with the pipe; half its width plus space for a hand beside the axis",
  inputs: ["space beside the pipe", "actuator dimensions", "house rule: room for a hand"],
  dependsOn: ["drive"],
  notApplicableBecause: ({ stated: { neighbourMm } }) =>
    neighbourMm === null ? "The space beside the pipe is not stated." : null,
  examine: (judged) => {
    if (!judged.drive) return notAsked(nothingPutOn);
    const { outside } = judged.drive;
    const limit = judged.duty.stated.neighbourMm!;
    if (outside === null) return cannotTell("actuator dimensions");
    const value = outside.widthMm / 2 + judged.house.handRoomMm;
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "The actuator does not fit in the space beside the pipe."
        : "The actuator fits in the space beside the pipe.",
      {
        value,
        limit,
        sense: "≤",
        unit: "mm",
        remedy: fails ? "Use a narrower actuator, or turn the stem to another side." : null,
        uses: () => [
          used("actuator width", outside.widthMm, "catalogue", "mm"),
          used("space for hand, wrench and lagging", judged.house.handRoomMm, "house rule", "mm"),
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});

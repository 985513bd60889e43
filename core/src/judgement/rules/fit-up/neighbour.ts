import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { nothingPutOn } from "./put-on.ts";

/** Whether the drive goes between the pipe and what stands beside it. */
export const neighbour = rule({
  id: "fit-up/neighbour",
  asks: "Room beside the pipe",
  source: "Geometry: the drive stands along the pipe, half of its width and a hand beside the axis",
  inputs: ["room beside the pipe", "drive's outside", "house rule: room for a hand"],
  hangsOn: ["drive"],
  unraised: ({ stated: { neighbourMm } }) =>
    neighbourMm === null ? "How much room there is beside the pipe is not stated." : null,
  examine: (judged) => {
    if (!judged.drive) return notAsked(nothingPutOn);
    const { outside } = judged.drive;
    const limit = judged.duty.stated.neighbourMm!;
    if (outside === null) return cannotTell("how large the drive is");
    const value = outside.widthMm / 2 + judged.house.handRoomMm;
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails ? "The drive does not go in between." : "The drive goes in between.",
      {
        value,
        limit,
        sense: "≤",
        unit: "mm",
        remedy: fails ? "A slimmer drive, or the stem turned to another side." : null,
        uses: () => [
          used("width of the drive", outside.widthMm, "catalogue", "mm"),
          used("room for hand, wrench and lagging", judged.house.handRoomMm, "house rule", "mm"),
        ],
      },
      inHand(measured, "%", false),
    );
  },
});

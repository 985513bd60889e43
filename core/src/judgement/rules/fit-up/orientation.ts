import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { nothingPutOn, putOn } from "./put-on.ts";

/** Whether the drive's own indicator tells how the bore stands. */
export const orientation = rule({
  id: "fit-up/orientation",
  asks: "Indicator and bore",
  source: "An indicator that stands across an open bore gets somebody hurt",
  inputs: ["flats or key of the stem when open"],
  hangsOn: ["size", "drive"],
  tight: "serious",
  examine: (judged) => {
    const fitUp = putOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    const { stemEnd } = judged.valve.size;
    if (stemEnd === null || fitUp.meeting === null) return notAsked("It is not known how the two meet.");
    const uses = [
      used("end of the stem", stemEnd.form, "catalogue"),
      ...(stemEnd.flats ? [used("flats or key when open", stemEnd.flats, "catalogue")] : []),
    ];
    if (
      stemEnd.form === "square parallel" ||
      stemEnd.form === "square diagonal" ||
      stemEnd.form === "serrated"
    )
      return plain(
        "holds",
        "The end goes in four ways or more: the indicator is set by looking through the bore.",
        { uses },
      );
    if (stemEnd.flats === null)
      return plain(
        "tight",
        "How flats or key stand in the open valve is not stated: look through the bore.",
        {
          uses,
        },
      );
    if (stemEnd.flats === "along the bore")
      return plain("holds", "The indicator stands as the bore does.", { uses });
    return fitUp.coupling
      ? plain(
          "holds",
          "The coupling is made a quarter turned, so that the indicator stands as the bore does.",
          {
            uses,
          },
        )
      : plain("tight", "Set on directly, the indicator stands across the open bore.", {
          remedy: "Turn the indicator by a quarter and mark it, or a coupling made a quarter turned.",
          uses,
        });
  },
});

import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { mountedOn, nothingPutOn } from "./mounted-on.ts";

/** Whether the actuator's indicator shows the position of the bore. */
export const orientation = rule({
  id: "fit-up/orientation",
  asks: "Indicator position",
  source: "An indicator across an open bore misleads people and can injure them (practice)",
  inputs: ["flats or key of the stem when open"],
  dependsOn: ["size", "drive"],
  tight: "serious",
  examine: (judged) => {
    const fitUp = mountedOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    const { stemEnd } = judged.valve.size;
    if (stemEnd === null || fitUp.meeting === null)
      return notAsked("The joint between stem and actuator is not known.");
    const uses = [
      used("stem end", stemEnd.form, "catalogue"),
      ...(stemEnd.flats ? [used("flats or key in the open position", stemEnd.flats, "catalogue")] : []),
    ];
    if (
      stemEnd.form === "square parallel" ||
      stemEnd.form === "square diagonal" ||
      stemEnd.form === "serrated"
    )
      return plain(
        "holds",
        "The stem end fits in four or more positions. Look through the bore and set the indicator.",
        { uses },
      );
    if (stemEnd.flats === null)
      return plain(
        "tight",
        "The position of flats or key in the open valve is not stated. Look through the bore.",
        {
          uses,
        },
      );
    if (stemEnd.flats === "along the bore")
      return plain("holds", "The indicator is parallel to the bore.", { uses });
    return fitUp.coupling
      ? plain(
          "holds",
          "The coupling is made with a quarter-turn offset, so that the indicator is parallel to the bore.",
          {
            uses,
          },
        )
      : plain("tight", "With direct mounting the indicator is across the open bore.", {
          remedy:
            "Turn the indicator by a quarter turn and mark it, or use a coupling with a quarter-turn offset.",
          uses,
        });
  },
});

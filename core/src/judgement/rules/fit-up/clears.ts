import { against, inHand } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";
import { nothingPutOn, putOn } from "./put-on.ts";

/** Whether the drive keeps clear of flange bolts and lagging. */
export const clears = rule({
  id: "fit-up/clears",
  asks: "Flange bolts and lagging",
  source: "Geometry: height of the pad, flanges and lagging against the underside of the drive",
  inputs: [
    "lagging",
    "height of the pad",
    "end flanges",
    "drive's outside",
    "temperature",
    "house rules: bare lines",
  ],
  hangsOn: ["size", "drive"],
  tight: "mild",
  examine: (judged) => {
    const fitUp = putOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    if (fitUp.joint === "on the stem") return notAsked("It sits on the stem.");
    const { duty, house } = judged;
    const { laggingMm } = duty;
    const lagged = stated("lagging", laggingMm ?? 0, duty.stated.laggingMm, "mm");
    if (fitUp.riseWantedMm === null)
      return cannotTell("height of the pad, end flanges and outside of the drive", { uses: [lagged] });
    const hot = hottest(duty);
    const cold = duty.cases.reduce<number | null>(
      (coldest, { temperatureC: t }) => (t !== null && (coldest === null || t < coldest) ? t : coldest),
      null,
    );
    const uses = () => [
      lagged,
      used("height of the pad over the axis", judged.valve.size.padHeightMm!, "catalogue", "mm"),
      used("end flanges", judged.valve.size.flangeDiameterMm!, "catalogue", "mm"),
      used("room for hand, wrench and lagging", house.handRoomMm, "house rule", "mm"),
    ];
    const { bareLineLeastC: least, bareLineMostC: most } = house;
    if (laggingMm === null && ((hot?.temperatureC ?? most) > most || (cold ?? least) < least))
      return plain("tight", "A line as warm or as cold as this is lagged; how thickly is not stated.", {
        remedy: "State the thickness of the lagging.",
        uses,
      });
    if (fitUp.riseWantedMm === 0)
      return plain("holds", "It clears flange bolts and lagging as it sits.", { uses });
    const measured = against(fitUp.riseWantedMm, fitUp.riseMm, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "It lies on flange bolts or in the lagging."
        : "The bracket lifts it clear of flange bolts and lagging.",
      {
        value: fitUp.riseWantedMm,
        limit: fitUp.riseMm,
        sense: "≤",
        unit: "mm",
        remedy: measured.verdict === "fails" ? "A higher bracket." : null,
        uses,
      },
      inHand(measured, "%", false),
    );
  },
});

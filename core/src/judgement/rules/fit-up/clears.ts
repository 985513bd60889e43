import { against, inMargin } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";
import { mountedOn, nothingPutOn } from "./mounted-on.ts";

/** Clearance of the actuator from flange bolts and insulation. */
export const clears = rule({
  id: "fit-up/clears",
  asks: "Flange bolts and lagging",
  source: "Geometry: pad height, flanges and lagging against the underside of the actuator",
  inputs: [
    "lagging",
    "pad height",
    "end flanges",
    "actuator dimensions",
    "temperature",
    "house rules: bare lines",
  ],
  dependsOn: ["size", "drive"],
  tight: "mild",
  examine: (judged) => {
    const fitUp = mountedOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    if (fitUp.joint === "on the stem") return notAsked("The operator sits on the stem.");
    const { duty, house } = judged;
    const { laggingMm } = duty;
    const lagged = stated("lagging", laggingMm ?? 0, duty.stated.laggingMm, "mm");
    if (fitUp.riseWantedMm === null)
      return cannotTell("pad height, end flanges and actuator dimensions", { uses: [lagged] });
    const hot = hottest(duty);
    const cold = duty.cases.reduce<number | null>(
      (coldest, { temperatureC: t }) => (t !== null && (coldest === null || t < coldest) ? t : coldest),
      null,
    );
    const uses = () => [
      lagged,
      used("pad height above the pipe axis", judged.valve.size.padHeightMm!, "catalogue", "mm"),
      used("end flanges", judged.valve.size.flangeDiameterMm!, "catalogue", "mm"),
      used("space for hand, wrench and lagging", house.handRoomMm, "house rule", "mm"),
    ];
    const { bareLineLeastC: least, bareLineMostC: maximum } = house;
    if (laggingMm === null && ((hot?.temperatureC ?? maximum) > maximum || (cold ?? least) < least))
      return plain(
        "tight",
        "A line at this temperature is lagged, but the lagging thickness is not stated.",
        {
          remedy: "State the thickness of the lagging.",
          uses,
        },
      );
    if (fitUp.riseWantedMm === 0)
      return plain("holds", "The actuator clears flange bolts and lagging.", { uses });
    const measured = against(fitUp.riseWantedMm, fitUp.riseMm, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The actuator touches flange bolts or lagging."
        : "With the bracket the actuator clears flange bolts and lagging.",
      {
        value: fitUp.riseWantedMm,
        limit: fitUp.riseMm,
        sense: "≤",
        unit: "mm",
        remedy: measured.verdict === "fails" ? "Use a higher bracket." : null,
        uses,
      },
      inMargin(measured, "%", false),
    );
  },
});

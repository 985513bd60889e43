import { metalLimits } from "../../../basis/reference/metals.ts";
import { inHand, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

/** Steel takes fire in dry chlorine not far above this, °C. */
const staysToC = 120;
const closeK = 20;

export const chlorineHeat = rule({
  id: "envelope/chlorine-heat",
  asks: "Steel in warm chlorine",
  source: "Carbon steel burns in dry chlorine above about 120 °C (practice, indicative)",
  inputs: ["service family", "temperature", "body grade"],
  hangsOn: ["line", "grade"],
  unraised: (duty) =>
    duty.stated.fluid.family === "chlorine" || duty.substance?.id === "chlorine" ? null : "No chlorine.",
  examine: ({ valve, duty }) => {
    const { metal } = valve.grade;
    if (!valve.construction.bodyWetted || metal === null || !metalLimits(metal)?.carbonSteel)
      return notAsked("No carbon steel in chlorine.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("a temperature");
    const measured = kelvinTo(hot.temperatureC!, staysToC, "≤", closeK);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "Carbon steel burns in chlorine this warm."
        : measured.verdict === "tight"
          ? "Close to where carbon steel burns in chlorine."
          : "Too cool for chlorine to light carbon steel.",
      {
        value: hot.temperatureC,
        limit: staysToC,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        remedy: "A nickel–chromium–molybdenum alloy.",
        uses: [...temperatureOf(hot), used("body", metal, "catalogue")],
      },
      inHand(measured, "K"),
    );
  },
});

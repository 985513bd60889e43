import { metalLimits } from "../../../basis/reference/metals.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottestWithFluid } from "../worst.ts";

/** Steel ignites in dry chlorine not far above this, °C. */
const staysToC = 120;
const closeK = 20;

export const chlorineHeat = rule({
  id: "envelope/chlorine-heat",
  asks: "Carbon steel in chlorine",
  source: "Carbon steel ignites in dry chlorine above about 120 °C (practice, indicative)",
  inputs: ["service family", "temperature", "body grade"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: (duty) => (duty.families.has("chlorine") ? null : "The fluid contains no chlorine."),
  examine: ({ valve, duty }) => {
    const { metal } = valve.grade;
    if (!valve.construction.bodyWetted || metal === null || !metalLimits(metal)?.carbonSteel)
      return notAsked("No carbon steel touches the chlorine.");
    const hot = hottestWithFluid(duty);
    if (hot === null) return cannotTell("temperature");
    const measured = kelvinTo(hot.temperatureC!, staysToC, "≤", closeK);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "Carbon steel can ignite in chlorine at this temperature."
        : measured.verdict === "tight"
          ? "The temperature is close to the ignition limit of carbon steel in chlorine."
          : "The temperature is below the ignition limit of carbon steel in chlorine.",
      {
        value: hot.temperatureC,
        limit: staysToC,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        remedy: "Use a nickel–chromium–molybdenum alloy.",
        uses: [...temperatureOf(hot), used("body", metal, "catalogue")],
      },
      inMargin(measured, "K"),
    );
  },
});

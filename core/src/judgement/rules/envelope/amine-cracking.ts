import { metalLimits } from "../../../basis/reference/metals.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottestWithFluid } from "../worst.ts";

/** Amine cracks steel that was welded and not stress-relieved above this, °C. */
const untreatedToC = 38;

export const amineCracking = rule({
  id: "envelope/amine-cracking",
  asks: "Welded steel in amine",
  source: "Amine stress cracking of carbon steel that is not stress-relieved (API RP 945, indicative)",
  inputs: ["service family", "temperature", "body grade"],
  dependsOn: ["line", "grade"],
  tight: "mild",
  notApplicableBecause: ({ families }) =>
    families.has("amine solution") ? null : "The fluid is not an amine solution.",
  examine: ({ valve, duty }) => {
    const { metal, grade } = valve.grade;
    if (!valve.construction.bodyWetted || metal === null || !metalLimits(metal)?.carbonSteel)
      return notAsked("No carbon steel touches the amine.");
    const hot = hottestWithFluid(duty);
    if (hot === null) return cannotTell("temperature");
    const cool = hot.temperatureC! <= untreatedToC;
    return plain(
      cool ? "holds" : "tight",
      cool
        ? "The amine is too cool to crack welded steel."
        : "Warm amine cracks welded steel that is not stress-relieved.",
      {
        value: hot.temperatureC,
        limit: untreatedToC,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        decides: "stress relief",
        remedy: "Order stress relief of every weld on the body, repair welds too, or use austenitic steel.",
        uses: [...temperatureOf(hot), used("body", grade, "catalogue")],
      },
    );
  },
});

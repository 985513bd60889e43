import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

/** Caustic of middling strength: as welded up to the first, stress-relieved up to the second. */
const untreatedToC = 50;
const relievedToC = 90;

export const causticCracking = rule({
  id: "envelope/caustic-cracking",
  asks: "Carbon steel in caustic",
  source: "Caustic cracks carbon steel that is not stress-relieved, above a temperature (practice)",
  inputs: ["service family", "temperature", "body grade"],
  hangsOn: ["line", "grade"],
  unraised: (duty) => (duty.stated.fluid.family === "caustic" ? null : "No caustic."),
  examine: ({ valve, duty }) => {
    if (!valve.construction.bodyWetted || !valve.grade.metal?.includes("carbon steel"))
      return notAsked("No carbon steel in caustic.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("a temperature");
    const reading = {
      value: hot.temperatureC!,
      limit: hot.temperatureC! > relievedToC ? relievedToC : untreatedToC,
      unit: "°C" as const,
      sense: "≤" as const,
      caseId: hot.id,
      caseName: hot.name,
      uses: [
        ...temperatureOf(hot),
        used("as welded up to", untreatedToC, "reference", "°C"),
        used("stress-relieved up to", relievedToC, "reference", "°C"),
      ],
    };
    if (hot.temperatureC! > relievedToC)
      return plain("fails", "Caustic cracks carbon steel this warm.", {
        ...reading,
        remedy: "A nickel alloy.",
      });
    return hot.temperatureC! > untreatedToC
      ? plain("tight", "Only with stress-relieved welds.", reading)
      : plain("holds", "Cool enough for carbon steel.", reading);
  },
});

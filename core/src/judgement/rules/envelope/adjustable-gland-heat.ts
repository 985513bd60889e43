import { inMargin, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

export const adjustableGlandHeat = rule({
  id: "envelope/adjustable-gland-heat",
  asks: "O-ring stem seal in heat",
  source: "O-ring stem seals have a lower temperature limit than a graphite packing (practice)",
  inputs: ["temperature", "stem seal"],
  dependsOn: ["seals"],
  examine: ({ valve, duty, house }) => {
    const elastomer = valve.seals.parts.find((p) => p.material.kind === "o-ring");
    if (valve.seals.stemSeal !== "O-ring and packing" || !elastomer)
      return notAsked("The stem seal has no O-ring.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("temperature");
    // Beyond its end the seals' range speaks.
    if (hot.temperatureC! > elastomer.material.maximumC)
      return notAsked("The temperature exceeds the range of the O-ring.");
    const measured = kelvinTo(hot.temperatureC!, elastomer.material.maximumC, "≤", house.temperatureMarginC);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The O-ring hardens and only the packing behind it seals."
        : measured.verdict === "tight"
          ? "The O-ring ages. Rely on the packing behind it only."
          : "O-ring and packing are both within their range.",
      {
        value: hot.temperatureC,
        limit: elastomer.material.maximumC,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        remedy:
          measured.verdict === "fails" ? "Use a graphite packing or a perfluoroelastomer O-ring." : null,
        uses: [...temperatureOf(hot), used(elastomer.part, elastomer.material.name, "catalogue")],
      },
      inMargin(measured, "K"),
    );
  },
});

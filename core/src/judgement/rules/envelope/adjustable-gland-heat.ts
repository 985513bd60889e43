import { inHand, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

export const adjustableGlandHeat = rule({
  id: "envelope/adjustable-gland-heat",
  asks: "Packing held at heat",
  source: "House practice: elastomer-loaded stem seals end sooner than a graphite gland",
  inputs: ["temperature", "stem seal"],
  hangsOn: ["seals"],
  examine: ({ valve, duty, house }) => {
    const elastomer = valve.seals.parts.find((p) => p.material.kind === "o-ring");
    if (valve.seals.stemSeal !== "O-ring and packing" || !elastomer)
      return notAsked("No O-ring in the stem seal.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("a temperature");
    // Beyond its end the seals' range speaks.
    if (hot.temperatureC! > elastomer.material.maximumC) return notAsked("The O-ring is beyond its range.");
    const measured = kelvinTo(hot.temperatureC!, elastomer.material.maximumC, "≤", house.temperatureMarginC);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The O-ring hardens and only the packing behind it seals."
        : measured.verdict === "tight"
          ? "The O-ring ages: count on the packing behind it."
          : "O-ring and packing both seal.",
      {
        value: hot.temperatureC,
        limit: elastomer.material.maximumC,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        remedy: measured.verdict === "fails" ? "A graphite gland, or a perfluoro O-ring." : null,
        uses: [...temperatureOf(hot), used(elastomer.part, elastomer.material.name, "catalogue")],
      },
      inHand(measured, "K"),
    );
  },
});

import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldestOf, hottest } from "../worst.ts";

export const bonnetExtension = rule({
  id: "body/bonnet-extension",
  asks: "Stem extension for cold and heat",
  source: "Extended bonnet for cold service (ISO 28921-1, BS 6364), stand-off bracket for heat (house rule)",
  inputs: ["temperature", "stem extension", "house rule: extended bonnet, stand-off"],
  dependsOn: ["line"],
  tight: "mild",
  notApplicableBecause: (duty, house) => {
    const cold = coldestOf(duty.cases);
    const hot = hottest(duty);
    if (cold === null || hot === null) return null;
    return cold.temperatureC! >= house.extendedBelowC && hot.temperatureC! <= house.standOffAboveC
      ? "The temperature needs no stem extension."
      : null;
  },
  examine: ({ valve, duty, house }) => {
    const hot = hottest(duty);
    // Cold that stays counts before colder cold that passes.
    const stays = coldestOf(duty.cases.filter((c) => !isPassing(c.kind)));
    const cold = stays !== null && stays.temperatureC! < house.extendedBelowC ? stays : coldestOf(duty.cases);
    if (cold === null || hot === null) return cannotTell("temperature");
    const offered = valve.line.stemExtension;
    const tooCold = cold.temperatureC! < house.extendedBelowC;
    const settledCase = tooCold ? cold : hot;
    const seen = {
      value: settledCase.temperatureC,
      limit: tooCold ? house.extendedBelowC : house.standOffAboveC,
      unit: "°C" as const,
      sense: tooCold ? ("≥" as const) : ("≤" as const),
      caseId: settledCase.id,
      caseName: settledCase.name,
      decides: offered ? "extended" : null,
      remedy: tooCold
        ? "Use a product line with an extended bonnet."
        : "Use a stand-off bracket, or a product line with an extended stem.",
      uses: [
        ...temperatureOf(settledCase),
        used("stem extension", offered ? "offered" : "none", "catalogue"),
      ],
    };
    if (offered)
      return plain(
        "holds",
        tooCold
          ? "Order the extended bonnet. It keeps the packing free of ice."
          : "Order the extended stem. It keeps the packing cool.",
        seen,
      );
    if (!tooCold)
      return plain("tight", "Packing and actuator get hot. Mount the actuator on a stand-off bracket.", seen);
    return isPassing(cold.kind)
      ? plain(
          "tight",
          "The stem freezes while the valve is cold. Do not operate the valve until it has warmed up.",
          seen,
        )
      : plain("fails", "The product line offers no extended bonnet: packing and stem freeze.", seen);
  },
});

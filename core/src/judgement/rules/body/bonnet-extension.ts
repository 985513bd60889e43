import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldestOf, hottest } from "../worst.ts";

export const bonnetExtension = rule({
  id: "body/bonnet-extension",
  asks: "Stem clear of cold and heat",
  source: "Extended bonnet in cold service (ISO 28921-1, BS 6364), stand-off in heat (house rule)",
  inputs: ["temperature", "stem extension", "house rule: extended bonnet, stand-off"],
  hangsOn: ["line"],
  tight: "mild",
  unraised: (duty, house) => {
    const cold = coldestOf(duty.cases);
    const hot = hottest(duty);
    if (cold === null || hot === null) return null;
    return cold.temperatureC! >= house.extendedBelowC && hot.temperatureC! <= house.standOffAboveC
      ? "Neither cold nor hot enough."
      : null;
  },
  examine: ({ valve, duty, house }) => {
    const hot = hottest(duty);
    // Cold that stays counts before colder cold that passes.
    const stays = coldestOf(duty.cases.filter((c) => !isPassing(c.kind)));
    const cold = stays !== null && stays.temperatureC! < house.extendedBelowC ? stays : coldestOf(duty.cases);
    if (cold === null || hot === null) return cannotTell("a temperature");
    const offered = valve.line.stemExtension;
    const tooCold = cold.temperatureC! < house.extendedBelowC;
    const at = tooCold ? cold : hot;
    const seen = {
      value: at.temperatureC,
      limit: tooCold ? house.extendedBelowC : house.standOffAboveC,
      unit: "°C" as const,
      sense: tooCold ? ("≥" as const) : ("≤" as const),
      caseId: at.id,
      caseName: at.name,
      decides: offered ? "extended" : null,
      remedy: tooCold
        ? "A line with an extended bonnet."
        : "A stand-off bracket, or a line with an extended stem.",
      uses: [...temperatureOf(at), used("stem extension", offered ? "offered" : "none", "catalogue")],
    };
    if (offered)
      return plain(
        "holds",
        tooCold
          ? "An extended bonnet keeps the packing out of the frost: order it."
          : "An extended stem keeps the heat off the packing: order it.",
        seen,
      );
    if (!tooCold)
      return plain(
        "tight",
        "Hot at the packing and the drive: mount the drive on a stand-off bracket.",
        seen,
      );
    return isPassing(cold.kind)
      ? plain("tight", "The stem freezes while it passes: do not move it until it has warmed.", seen)
      : plain("fails", "Packing and stem freeze: no extended bonnet is offered.", seen);
  },
});

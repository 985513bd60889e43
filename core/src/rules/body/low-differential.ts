import { used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const lowDifferential = rule({
  id: "body/low-differential",
  asks: "Tight at low differential",
  source: "A floating ball seals by preload until pressure helps; hard seats need more of it",
  inputs: ["pressure on either side", "construction", "seat", "house rule: low differential"],
  hangsOn: "line and seat",
  examine: ({ valve, duty, house }) => {
    const shut = duty.cases.filter((c) => c.mayBeShut && c.kind !== "fire" && c.differentialBar !== null);
    const least = shut.reduce<(typeof shut)[number] | null>(
      (a, c) => (a === null || c.differentialBar! < a.differentialBar! ? c : a),
      null,
    );
    if (least === null) return cannotTell("a differential");
    if (least.differentialBar! >= house.lowDifferentialBar)
      return notAsked("Pressure always helps the seat.");
    const { support, name } = valve.construction;
    const hard = valve.seat.material.allowableStressMPa.at23C > 20;
    return fits(
      support !== "floating" || !hard,
      {
        holds: "Springs or a soft seat's preload seal it without help from pressure.",
        fails: "A hard seat on a floating ball may pass at this little differential.",
      },
      {
        value: least.differentialBar!,
        limit: house.lowDifferentialBar,
        unit: "bar",
        sense: "≥",
        caseId: least.id,
        caseName: least.name,
        uses: [
          used(`differential, ${least.name}`, least.differentialBar!, "entered", "bar"),
          used("construction", name, "catalogue"),
          used("seat", valve.seat.material.name, "catalogue"),
          used("low differential below", house.lowDifferentialBar, "house rule", "bar"),
        ],
      },
      "tight",
    );
  },
});

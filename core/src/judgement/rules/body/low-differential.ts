import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { used } from "../inputs.ts";
import { cannotTell, fits } from "../outcome.ts";
import { neverShut } from "../raised.ts";
import { rule } from "../rule.ts";

/** The shut case with the least to press the seat. */
function leastDifferential(duty: SettledDuty): SettledCase | null {
  const known = duty.shutCases.filter((c) => c.differentialBar !== null);
  return known.reduce<SettledCase | null>(
    (a, c) => (a === null || c.differentialBar! < a.differentialBar! ? c : a),
    null,
  );
}

export const lowDifferential = rule({
  id: "body/low-differential",
  asks: "Tightness at low differential",
  source: "A floating ball seals by seat preload until pressure loads it. Hard seats need more preload",
  inputs: ["pressure on either side", "construction", "seat", "house rule: low differential"],
  dependsOn: ["seat"],
  tight: "mild",
  notApplicableBecause: (duty, house) => {
    const least = leastDifferential(duty);
    const open = neverShut(duty);
    if (open !== null) return open;
    return least !== null && least.differentialBar! >= house.lowDifferentialBar
      ? "Pressure loads the seat in every case."
      : null;
  },
  examine: ({ valve, duty, house }) => {
    const least = leastDifferential(duty);
    if (least === null) return cannotTell("differential pressure");
    const { support, name } = valve.construction;
    const hard = valve.seat.material.allowableStressMPa.at23C > 20;
    return fits(
      support !== "floating" || !hard,
      {
        holds: "Springs or the preload of a soft seat seal without help from pressure.",
        fails: "A hard seat on a floating ball can leak at this low differential pressure.",
      },
      {
        value: least.differentialBar!,
        limit: house.lowDifferentialBar,
        unit: "bar",
        sense: "≥",
        decides: support === "floating" ? (hard ? null : "soft seat") : "sprung",
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

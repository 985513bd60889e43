import { hazardsUsed, stated, used } from "../inputs.ts";
import { cannotTell, fits } from "../outcome.ts";
import { neverShut, noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";
import { worstClosed } from "../worst.ts";

export const oxygenOpening = rule({
  id: "envelope/oxygen-opening",
  asks: "Opening against oxygen pressure",
  source:
    "A quarter turn opens fast, and adiabatic compression heats the gas and parts behind the valve (practice)",
  inputs: ["hazards of the fluid", "pressure on either side", "equalising bypass", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) => noOxygen(duty) ?? neverShut(duty),
  examine: ({ valve, duty }) => {
    const worst = worstClosed(duty);
    if (worst === null) return cannotTell("pressure");
    const slow = valve.construction.stroke === "rising stem" || (duty.stated.equalisingBypass ?? false);
    return fits(
      slow,
      {
        holds: "The pressure is equalised before opening, or the stem opens the valve slowly.",
        fails: "Fast opening compresses and heats the gas behind the valve: seats and dirt can ignite.",
      },
      {
        value: worst.closedDifferentialBar!,
        unit: "bar",
        limit: "equalised",
        caseId: worst.id,
        caseName: worst.name,
        remedy: "Use an equalising bypass and open slowly.",
        uses: [
          hazardsUsed(duty),
          stated("equalising bypass", duty.stated.equalisingBypass ?? false, duty.stated.equalisingBypass),
          used("stroke", valve.construction.stroke, "catalogue"),
        ],
      },
    );
  },
});

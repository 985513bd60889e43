import { hazardsUsed, stated, used } from "../inputs.ts";
import { cannotTell, fits } from "../outcome.ts";
import { neverShut, noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";
import { worstClosed } from "../worst.ts";

export const oxygenOpening = rule({
  id: "envelope/oxygen-opening",
  asks: "Opening into oxygen",
  source: "A quarter turn opens fast: adiabatic compression heats what lies behind it (practice)",
  inputs: ["hazards of the fluid", "pressure on either side", "equalising bypass", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => noOxygen(duty) ?? neverShut(duty),
  examine: ({ valve, duty }) => {
    const worst = worstClosed(duty);
    if (worst === null) return cannotTell("a pressure");
    const slow = valve.construction.stroke === "rising stem" || (duty.stated.equalisingBypass ?? false);
    return fits(
      slow,
      {
        holds: "Pressure is equalised before the valve opens, or the stem opens it slowly.",
        fails: "Opened at once, the rush compresses and heats the gas behind it.",
      },
      {
        value: worst.closedDifferentialBar!,
        unit: "bar",
        limit: "equalised",
        caseId: worst.id,
        caseName: worst.name,
        remedy: "An equalising bypass, and slow opening.",
        uses: [
          hazardsUsed(duty),
          stated("equalising bypass", duty.stated.equalisingBypass ?? false, duty.stated.equalisingBypass),
          used("stroke", valve.construction.stroke, "catalogue"),
        ],
      },
    );
  },
});

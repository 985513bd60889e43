import { stated, used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { worstClosed } from "../worst.ts";

export const equalisingBypass = rule({
  id: "body/equalising-bypass",
  asks: "Equalising bypass",
  source: "Opening against a large differential tears seats and shocks the line (house rule)",
  inputs: ["size", "pressure on either side", "equalising bypass", "house rule: bypass from"],
  hangsOn: ["size"],
  unraised: (duty, house) => {
    const worst = worstClosed(duty);
    return worst !== null && worst.closedDifferentialBar! < house.bypassFromBar
      ? "Small enough to open against."
      : null;
  },
  examine: ({ valve, duty, house }) => {
    const worst = worstClosed(duty);
    if (worst === null) return cannotTell("a pressure");
    const { dn } = valve.size;
    if (dn < house.bypassFromDn) return notAsked("Small enough to open against.");
    const fitted = duty.stated.equalisingBypass ?? false;
    return fits(
      fitted,
      {
        holds: "The line equalises before the valve opens.",
        fails: "Opened against this differential the seats are torn and the line is shocked: equalise first.",
      },
      {
        value: worst.closedDifferentialBar!,
        limit: house.bypassFromBar,
        unit: "bar",
        sense: "≤",
        decides: fitted ? "fitted" : null,
        caseId: worst.id,
        caseName: worst.name,
        uses: [
          used("size", dn, "catalogue", "DN"),
          stated("equalising bypass", fitted, duty.stated.equalisingBypass),
          used("bypass from size", house.bypassFromDn, "house rule", "DN"),
          used("bypass from differential", house.bypassFromBar, "house rule", "bar"),
        ],
      },
      "tight",
    );
  },
});

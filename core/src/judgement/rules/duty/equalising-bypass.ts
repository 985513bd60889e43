import { stated, used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { neverShut } from "../raised.ts";
import { dutyRule } from "../rule.ts";
import { worstClosed } from "../worst.ts";

export const equalisingBypass = dutyRule({
  id: "duty/equalising-bypass",
  asks: "Equalising bypass",
  source:
    "Opening against a high differential pressure damages seats and causes pressure surges (house rule)",
  inputs: ["size", "pressure on either side", "equalising bypass", "house rule: bypass from"],
  notApplicableBecause: (duty, house) => {
    const worst = worstClosed(duty);
    const open = neverShut(duty);
    if (open !== null) return open;
    return worst !== null && worst.closedDifferentialBar! < house.bypassFromBar
      ? "Size and differential pressure are below the limits for a bypass."
      : null;
  },
  examine: ({ duty, house }) => {
    const worst = worstClosed(duty);
    if (worst === null) return cannotTell("pressure");
    const { dn } = duty.stated;
    if (dn === null) return cannotTell("size");
    if (dn < house.bypassFromDn)
      return notAsked("Size and differential pressure are below the limits for a bypass.");
    const fitted = duty.stated.equalisingBypass ?? false;
    return fits(
      fitted,
      {
        holds: "A bypass equalises the pressure before the valve opens.",
        fails:
          "Opening against this differential pressure damages the seats and causes a pressure surge. Equalise first.",
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
          used("size", dn, "entered", "DN"),
          stated("equalising bypass", fitted, duty.stated.equalisingBypass),
          used("bypass from size", house.bypassFromDn, "house rule", "DN"),
          used("bypass from differential", house.bypassFromBar, "house rule", "bar"),
        ],
      },
      "tight",
    );
  },
});

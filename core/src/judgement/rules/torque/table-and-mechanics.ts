import { breaking, hardestAt } from "../../../mechanics/torque/demand.ts";
import { breakParts } from "../../../mechanics/torque/mechanics.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const tableAndMechanics = rule({
  id: "torque/table-and-mechanics",
  asks: "Torque table against mechanics",
  source:
    "Maker's table at the highest differential against friction of seat, bearings and packing calculated from dimensions (estimate)",
  inputs: ["differential", "maker's torque table", "dimensions", "house rule: disagreement"],
  dependsOn: ["size", "cavity", "seat"],
  tight: "mild",
  notApplicableBecause: ({ stated }) =>
    stated.onSite === true ? "The valve is already installed and its dimensions are not known." : null,
  examine: ({ valve, demand, house }) => {
    if (demand.covering === null)
      return notAsked("No differential pressure of the duty is within the table.");
    const { caseId, caseName, differentialBar, profile } = hardestAt(demand, breaking);
    const parts = breakParts(valve, differentialBar!);
    if (parts === null) return notAsked("The seat does not rub: only the maker can state the torque.");
    const tableNm = profile.opening[0]! / demand.growth;
    const limit = parts.totalNm * (1 - house.torqueDisagreementPercent / 100);
    const low = tableNm < limit;
    return plain(
      low ? "tight" : "holds",
      low
        ? "The maker's torque is much lower than the calculated torque. Ask how it was measured."
        : "The maker's torque is not below the calculated torque.",
      {
        value: tableNm,
        limit,
        sense: "≥",
        unit: "N·m",
        caseId,
        caseName,
        remedy: low ? "Ask the maker for a measured torque at this differential." : null,
        uses: () => [
          used("calculated from dimensions", parts.totalNm, "computed", "N·m"),
          used("permitted difference", house.torqueDisagreementPercent, "house rule", "%"),
          used("seat", parts.seatNm, "computed", "N·m"),
          used("bearing", parts.bearingNm, "computed", "N·m"),
          used("offset of the shaft", parts.offsetNm, "computed", "N·m"),
          used("packing", parts.packingNm, "computed", "N·m"),
          used("stem thrust", parts.thrustNm, "computed", "N·m"),
          used(`friction, ${valve.seat.material.name}`, valve.seat.material.friction.design, "reference"),
        ],
      },
    );
  },
});

import { breaking, hardestAt } from "../../../mechanics/torque/demand.ts";
import { breakParts } from "../../../mechanics/torque/mechanics.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const tableAndMechanics = rule({
  id: "torque/table-and-mechanics",
  asks: "Table is plausible",
  source:
    "Maker's table at the hardest differential against friction, bearings and packing from dimensions (estimate)",
  inputs: ["differential", "maker's torque table", "dimensions", "house rule: disagreement"],
  hangsOn: ["size", "cavity", "seat"],
  tight: "mild",
  unraised: ({ stated }) =>
    stated.onSite === true ? "The valve stands already: its dimensions are not known." : null,
  examine: ({ valve, demand, house }) => {
    if (demand.covering === null) return notAsked("No differential is known within the table.");
    const { caseId, caseName, differentialBar, profile } = hardestAt(demand, breaking);
    const parts = breakParts(valve, differentialBar!);
    if (parts === null) return notAsked("Nothing rubs: what it takes is the maker's to say.");
    const tableNm = profile.opening[0]! / demand.growth;
    const limit = parts.totalNm * (1 - house.torqueDisagreementPercent / 100);
    const low = tableNm < limit;
    return plain(
      low ? "tight" : "holds",
      low
        ? "The maker states much less than friction and load make: ask how it was measured."
        : "The table says no less than friction and load make.",
      {
        value: tableNm,
        limit,
        sense: "≥",
        unit: "N·m",
        caseId,
        caseName,
        remedy: low ? "A measured torque at this differential from the maker." : null,
        uses: () => [
          used("from dimensions", parts.totalNm, "computed", "N·m"),
          used("disagreement allowed", house.torqueDisagreementPercent, "house rule", "%"),
          used("seat", parts.seatNm, "computed", "N·m"),
          used("bearing", parts.bearingNm, "computed", "N·m"),
          used("offset of the shaft", parts.offsetNm, "computed", "N·m"),
          used("packing", parts.packingNm, "computed", "N·m"),
          used("thrust of the stem", parts.thrustNm, "computed", "N·m"),
          used(`friction, ${valve.seat.material.name}`, valve.seat.material.friction.design, "reference"),
        ],
      },
    );
  },
});

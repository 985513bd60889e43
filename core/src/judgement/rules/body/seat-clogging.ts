import { carries } from "../../../mechanics/flow/assess.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Solids, %, below which flow keeps the pocket of a lip seal clean: indicative. */
const lipStandsPercent = 5;

/** Whether solids in the fluid can keep a seat off its closure. */
export const seatClogging = rule({
  id: "body/seat-clogging",
  asks: "Seat against solids and fibres",
  source:
    "Solids pack behind a flexible lip. Fibres lie between a soft ring and the ball. Solid metal rings cut them and clearance seats pass them (indicative)",
  inputs: ["solids, fibres", "contact of seat and closing member"],
  dependsOn: ["seat"],
  notApplicableBecause: (duty) => (carries(duty) ? null : "The fluid carries no solids and no fibres."),
  examine: ({ valve, duty }) => {
    const { execution } = valve.seat.offer;
    if (execution === null) return notAsked("The maker does not state the kind of seat contact.");
    const { solidsPercent, fibres } = duty.stated.fluid;
    const solids = solidsPercent ?? 0;
    const seen = {
      limit: execution,
      value: fibres ? "fibres" : "solids",
      uses: [
        stated("solids", solids, solidsPercent, "%"),
        stated("fibres", fibres ?? false, fibres),
        used("seat", execution, "catalogue"),
        used("solids limit of a flexible lip", lipStandsPercent, "estimate", "%"),
      ],
      remedy: "Use a solid metal ring, or a clearance seat for control only.",
    };
    if (execution === "flexed metal lip")
      return solids > lipStandsPercent
        ? plain("fails", "Solids pack behind the lip, so that it no longer follows the closing member.", seen)
        : plain("tight", "Solids can settle behind the lip over time.", seen);
    if (execution === "soft ring" && fibres)
      return plain(
        "tight",
        "Fibres lie between soft ring and closing member and are not cut: the seat leaks.",
        seen,
      );
    return plain("holds", "Solids and fibres do not hold this seat off the closing member.", seen);
  },
});

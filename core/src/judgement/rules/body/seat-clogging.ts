import { carries } from "../../../mechanics/flow/assess.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Solids a lip's pocket is kept clear of by what flows past, %: indicative. */
const lipStandsPercent = 5;

/** Whether what the fluid carries keeps a seat off its closure. */
export const seatClogging = rule({
  id: "body/seat-clogging",
  asks: "Seat against solids and fibres",
  source:
    "Solids pack behind a lip that has to flex; fibres lie between a soft ring and the ball; solid rings and clearance shear and pass them (indicative)",
  inputs: ["solids, fibres", "how the seat meets the closure"],
  hangsOn: ["seat"],
  unraised: (duty) => (carries(duty) ? null : "It carries neither solids nor fibres."),
  examine: ({ valve, duty }) => {
    const { execution } = valve.seat.offer;
    if (execution === null) return notAsked("The maker does not say how the seat meets the closure.");
    const { solidsPercent, fibres } = duty.stated.fluid;
    const solids = solidsPercent ?? 0;
    const seen = {
      limit: execution,
      value: fibres ? "fibres" : "solids",
      uses: [
        stated("solids", solids, solidsPercent, "%"),
        stated("fibres", fibres ?? false, fibres),
        used("seat", execution, "catalogue"),
        used("a lip stands, of solids", lipStandsPercent, "estimate", "%"),
      ],
      remedy: "A solid metal ring, or one with clearance where control alone is asked.",
    };
    if (execution === "flexed metal lip")
      return solids > lipStandsPercent
        ? plain("fails", "Solids pack behind the lip: it no longer follows the closure.", seen)
        : plain("tight", "What the fluid carries settles behind the lip in time.", seen);
    if (execution === "soft ring" && fibres)
      return plain("tight", "Fibres lie between ring and closure and are not cut: it passes.", seen);
    return plain("holds", "Nothing of the seat is kept from its place by what is carried.", seen);
  },
});

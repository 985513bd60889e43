import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const reliefDirection = rule({
  id: "body/relief-direction",
  asks: "Side the cavity relieves to",
  source: "Mechanics of the seats",
  inputs: ["flow direction", "cavity arrangement"],
  hangsOn: ["line", "cavity"],
  tight: "mild",
  examine: ({ valve, duty }) => {
    if (!valve.construction.holdsCavity || valve.cavity.relievesTo !== "upstream")
      return notAsked("The arrangement does not relieve to one side.");
    return fits(
      duty.flowDirection === "one way",
      {
        holds: "The cavity relieves upstream; the body is marked with the side.",
        fails:
          "The cavity relieves to one side only: with pressure from both, the mark must stay on the safe side.",
      },
      {
        value: duty.flowDirection,
        limit: "to upstream",
        remedy: "Two self-relieving seats, or a stated high-pressure side.",
        uses: [
          stated("pressure from", duty.flowDirection, duty.stated.flowDirection),
          used("relieves to", valve.cavity.relievesTo, "catalogue"),
        ],
      },
      "tight",
    );
  },
});

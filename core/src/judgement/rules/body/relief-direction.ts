import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const reliefDirection = rule({
  id: "body/relief-direction",
  asks: "Cavity relief side",
  source: "Mechanics of the seats",
  inputs: ["flow direction", "cavity arrangement"],
  dependsOn: ["line", "cavity"],
  tight: "mild",
  examine: ({ valve, duty }) => {
    if (!valve.construction.holdsCavity || valve.cavity.relievesTo !== "upstream")
      return notAsked("The arrangement does not relieve to one side.");
    return fits(
      duty.flowDirection === "one way",
      {
        holds: "The cavity relieves to the upstream side, which is marked on the body.",
        fails:
          "The cavity relieves to one side only. With pressure from both sides, install the marked side on the safe side.",
      },
      {
        value: duty.flowDirection,
        limit: "to upstream",
        remedy: "Use two self-relieving seats, or state the high-pressure side.",
        uses: [
          stated("pressure from", duty.flowDirection, duty.stated.flowDirection),
          used("relieves to", valve.cavity.relievesTo, "catalogue"),
        ],
      },
      "tight",
    );
  },
});

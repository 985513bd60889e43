import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fullPort = rule({
  id: "body/full-port",
  asks: "Port",
  source:
    "Pigs, drains and slurries need the full bore of the pipe. A bore two sizes smaller must be accepted in the duty",
  inputs: ["port", "product line's port"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    duty.port === "double-reduced accepted" ? "The duty accepts a double-reduced port." : null,
  examine: ({ valve, duty }) => {
    const full = duty.port === "full";
    const double = valve.line.port === "double-reduced";
    if (!full && !double) return notAsked("The duty accepts a reduced port.");
    return fits(
      full && valve.line.port === "full",
      {
        holds: "The bore is full.",
        fails: full
          ? "The bore is narrower than the pipe or obstructed."
          : "The bore is two sizes narrower than the pipe. The duty accepts one size.",
      },
      {
        value: full ? "full" : "reduced",
        limit: valve.line.port,
        remedy: full
          ? "Use a full-bore product line."
          : "Use a full or reduced bore, or accept a double-reduced port in the duty.",
        uses: [
          stated("port", duty.port, duty.stated.port),
          used("port offered", valve.line.port, "catalogue"),
        ],
      },
    );
  },
});

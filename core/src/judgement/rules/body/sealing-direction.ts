import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const sealingDirection = rule({
  id: "body/sealing-direction",
  asks: "Seals from the side asked",
  source: "Construction, cavity arrangement and the product line's own promise",
  inputs: ["flow direction", "product line's sealing direction", "cavity arrangement"],
  hangsOn: ["line", "cavity"],
  examine: ({ valve, duty }) => {
    const bothWays = valve.line.sealing === "both ways" && !valve.cavity.oneWay;
    const seals = bothWays ? "both ways" : "one way";
    const reverse = duty.stated.cases.find((c) => c.flow === "reverse" && c.mayBeShut && c.kind !== "fire");
    const numbers = {
      value: duty.flowDirection,
      limit: seals,
      uses: [
        stated("pressure from", duty.flowDirection, duty.stated.flowDirection),
        ...(reverse === undefined ? [] : [used("must hold in reverse", reverse.name, "entered")]),
        used("product line seals", valve.line.sealing, "catalogue"),
        used("cavity arrangement", valve.cavity.name, "catalogue"),
      ],
    };
    if (bothWays) return plain("holds", "Seals from either side.", numbers);
    if (duty.flowDirection === "both ways")
      return plain("fails", "Seals fully from one side only.", {
        ...numbers,
        remedy: reverse
          ? "A valve that seals both ways; or, if pressure only ever comes from there, state the case as forward."
          : "A valve that seals both ways, or one flow direction.",
      });
    return plain("holds", "Seals from the side asked: the arrow points with the flow.", numbers);
  },
});

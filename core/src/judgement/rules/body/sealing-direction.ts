import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const sealingDirection = rule({
  id: "body/sealing-direction",
  asks: "Sealing direction",
  source: "Construction, seat arrangement and sealing direction stated by the maker",
  inputs: ["flow direction", "product line's sealing direction", "cavity arrangement"],
  dependsOn: ["line", "cavity"],
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
    if (bothWays) return plain("holds", "The valve seals from both sides.", numbers);
    if (duty.flowDirection === "both ways")
      return plain("fails", "The valve seals fully from one side only.", {
        ...numbers,
        remedy: reverse
          ? "Use a bidirectional valve. If pressure comes from one side only, state the case as forward."
          : "Use a bidirectional valve, or specify one flow direction.",
      });
    return plain(
      "holds",
      "The valve seals from the specified side. Install it with its arrow in the flow direction.",
      numbers,
    );
  },
});

import { functionUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const diverting = rule({
  id: "body/diverting",
  asks: "Number of ports",
  source: "A three-way body diverts, a two-way body isolates",
  inputs: ["function", "construction"],
  dependsOn: ["line"],
  examine: ({ valve, duty }) => {
    const wanted = duty.function.has("diverting") ? 3 : 2;
    const ways = valve.construction.ways;
    return fits(
      ways === wanted,
      {
        holds: "The number of ports suits the function.",
        fails: wanted === 3 ? "A two-way body cannot divert." : "The third port of the body would be open.",
      },
      {
        value: wanted,
        limit: ways,
        sense: "is",
        remedy: wanted === 3 ? "Use a three-way ball." : "Use a two-way body.",
        uses: [functionUsed(duty), used("construction", valve.construction.name, "catalogue")],
      },
    );
  },
});

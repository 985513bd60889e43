import { functionUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const diverting = rule({
  id: "body/diverting",
  asks: "Number of ways",
  source: "Three-way bodies divert; two-way bodies stop",
  inputs: ["function", "construction"],
  hangsOn: ["line"],
  examine: ({ valve, duty }) => {
    const wanted = duty.function.has("diverting") ? 3 : 2;
    const ways = valve.construction.ways;
    return fits(
      ways === wanted,
      {
        holds: "As many ways as the function asks.",
        fails: wanted === 3 ? "Two ways cannot divert." : "A third way stands open to something.",
      },
      {
        value: wanted,
        limit: ways,
        sense: "is",
        remedy: wanted === 3 ? "A three-way ball." : "A two-way body.",
        uses: [functionUsed(duty), used("construction", valve.construction.name, "catalogue")],
      },
    );
  },
});

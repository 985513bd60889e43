import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { inHand, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

export const idleFreezing = dutyRule({
  id: "duty/idle-freezing",
  asks: "Fluid sets in an idle line",
  source: "Below its triple point the fluid is solid (table of fluids)",
  inputs: ["lowest ambient", "substance"],
  unraised: ({ stated, fluid, cases }) => {
    if (fluid === null) return "No substance is picked.";
    if (stated.ambientMinimumC === null) return "No lowest ambient is stated.";
    return cases.every((c) => c.phase === "gas" && isPassing(c.kind)) ? "Only gas passes by." : null;
  },
  examine: ({ duty }) => {
    const ambient = duty.stated.ambientMinimumC!;
    const { name, triplePointC } = duty.fluid!;
    const measured = kelvinTo(ambient, triplePointC, "≥", 0);
    const sets = ambient < triplePointC;
    return plain(
      sets ? "tight" : "holds",
      sets
        ? "An idle line sets at the lowest ambient, whichever valve stands in it: trace it or drain it."
        : "The fluid stays fluid in an idle line.",
      {
        value: ambient,
        limit: triplePointC,
        unit: "°C",
        sense: "≥",
        remedy: "Tracing, a jacket, or draining before the cold.",
        uses: [
          used("lowest ambient", ambient, "entered", "°C"),
          used(`${name} sets at`, triplePointC, "reference", "°C"),
        ],
      },
      inHand(measured, "K", false),
    );
  },
});

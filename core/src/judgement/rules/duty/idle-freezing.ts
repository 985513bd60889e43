import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

export const idleFreezing = dutyRule({
  id: "duty/idle-freezing",
  asks: "Freezing in an idle line",
  source: "The fluid is solid below its triple point (fluid table)",
  inputs: ["lowest ambient", "substance"],
  notApplicableBecause: ({ stated, fluid, cases }) => {
    if (fluid === null) return "The duty names no substance.";
    if (stated.ambientMinimumC === null) return "The lowest ambient temperature is not stated.";
    return cases.every((c) => c.phase === "gas" && isPassing(c.kind)) ? "The line carries gas only." : null;
  },
  examine: ({ duty }) => {
    const ambient = duty.stated.ambientMinimumC!;
    const { name, triplePointC } = duty.fluid!;
    const measured = kelvinTo(ambient, triplePointC, "≥", 0);
    const sets = ambient < triplePointC;
    return plain(
      sets ? "tight" : "holds",
      sets
        ? "An idle line freezes at the lowest ambient temperature, whatever the valve. Trace the line or drain it."
        : "The fluid stays liquid in an idle line.",
      {
        value: ambient,
        limit: triplePointC,
        unit: "°C",
        sense: "≥",
        remedy: "Use tracing or a jacket, or drain the line before it gets cold.",
        uses: [
          used("lowest ambient", ambient, "entered", "°C"),
          used(`freezing temperature of ${name}`, triplePointC, "reference", "°C"),
        ],
      },
      inMargin(measured, "K", false),
    );
  },
});

import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { freezingPoint, setsAtUnknown } from "../freezing-point.ts";
import { used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

export const idleFreezing = dutyRule({
  id: "duty/idle-freezing",
  asks: "Freezing in an idle line",
  source: "The fluid sets below the stated temperature, else below its triple point (fluid table)",
  inputs: ["lowest ambient", "substance", "freezing or crystallising temperature"],
  notApplicableBecause: (duty) => {
    const { stated, cases } = duty;
    if (freezingPoint(duty) === null) return "The duty names no substance and no freezing temperature.";
    if (stated.ambientMinimumC === null) return "The lowest ambient temperature is not stated.";
    return cases.every((c) => c.phase === "gas" && isPassing(c.kind)) ? "The line carries gas only." : null;
  },
  examine: ({ duty }) => {
    const ambient = duty.stated.ambientMinimumC!;
    const { c: freezesC, use } = freezingPoint(duty)!;
    const measured = kelvinTo(ambient, freezesC, "≥", 0);
    const sets = ambient < freezesC;
    if (!sets && setsAtUnknown(duty))
      return cannotTell("temperature at which the fluid freezes or crystallises");
    return plain(
      sets ? "tight" : "holds",
      sets
        ? "An idle line freezes at the lowest ambient temperature, whatever the valve. Trace the line or drain it."
        : "The fluid stays liquid in an idle line.",
      {
        value: ambient,
        limit: freezesC,
        unit: "°C",
        sense: "≥",
        remedy: "Use tracing or a jacket, or drain the line before it gets cold.",
        uses: [used("lowest ambient", ambient, "entered", "°C"), use],
      },
      inMargin(measured, "K", false),
    );
  },
});

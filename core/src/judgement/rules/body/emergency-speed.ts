import { functionUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const emergencySpeed = rule({
  id: "body/emergency-speed",
  asks: "Operating speed in an emergency",
  source: "A rising stem needs many handwheel turns",
  inputs: ["function", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    !duty.function.has("emergency shut-down") ? "The duty has no emergency function." : null,
  examine: ({ valve, duty }) => {
    const quick = valve.construction.stroke === "quarter turn";
    return fits(
      quick,
      {
        holds: "The valve closes with a quarter turn.",
        fails: "Multi-turn operator: too slow for emergency closure.",
      },
      {
        value: "quarter turn",
        limit: valve.construction.stroke,
        remedy: "Use a quarter-turn valve.",
        uses: [functionUsed(duty), used("stroke", valve.construction.stroke, "catalogue")],
      },
    );
  },
});

import { functionUsed, stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const emergencyGrip = rule({
  id: "body/emergency-grip",
  asks: "Opens on first demand",
  source: "In a valve that does not move, a sleeve creeps into the plug port and sealant hardens (practice)",
  inputs: ["function", "longest time closed", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    duty.function.has("emergency shut-down") ? null : "The duty has no emergency function.",
  examine: ({ valve, duty }) => {
    const { gripsAtRest, name } = valve.construction;
    const seen = {
      value: "emergency",
      limit: gripsAtRest ? "grips at rest" : "free at rest",
      remedy: "Use a ball or a disc, or stroke the valve every month and record it.",
      uses: [
        functionUsed(duty),
        stated("longest time closed", duty.longestShutDays, duty.stated.longestShutDays, "days"),
        used("construction", name, "catalogue"),
      ],
    };
    return gripsAtRest
      ? plain(
          "tight",
          "The plug is gripped while the valve does not move. It may not open on first demand.",
          seen,
        )
      : plain("holds", "Nothing grips the closing member while the valve does not move.", seen);
  },
});

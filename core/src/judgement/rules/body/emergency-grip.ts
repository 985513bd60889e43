import { functionUsed, stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const emergencyGrip = rule({
  id: "body/emergency-grip",
  asks: "Comes away at the first call",
  source: "A sleeve creeps into the plug's port, and sealant sets, while the valve stands still (practice)",
  inputs: ["function", "longest shut", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => (duty.function.has("emergency shut-down") ? null : "No emergency function."),
  examine: ({ valve, duty }) => {
    const { gripsAtRest, name } = valve.construction;
    const seen = {
      value: "emergency",
      limit: gripsAtRest ? "grips at rest" : "free at rest",
      remedy: "A ball or a disc; else a stroke every month, written down.",
      uses: [
        functionUsed(duty),
        stated("longest shut", duty.longestShutDays, duty.stated.longestShutDays, "days"),
        used("construction", name, "catalogue"),
      ],
    };
    return gripsAtRest
      ? plain("tight", "The plug is gripped while it stands: it may not come away at the first call.", seen)
      : plain("holds", "Nothing takes hold of it while it stands.", seen);
  },
});

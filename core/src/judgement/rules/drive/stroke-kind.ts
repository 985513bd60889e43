import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const strokeKind = rule({
  id: "drive/stroke-kind",
  asks: "Operator as specified",
  source: "The shelf offers an operator for this stem motion and the specified supply",
  inputs: ["operator", "construction"],
  dependsOn: ["line", "drive.family"],
  examine: ({ valve, drive, duty }) => {
    const { operator } = duty;
    if (drive) {
      const { supply } = kindOf(drive.family);
      if (operator === supply || (operator === "any" && (supply === "pneumatic" || supply === "electric")))
        return plain("holds", "The operator is as specified.", {
          value: supply,
          limit: operator,
          uses: [stated("operator", operator, duty.stated.operator)],
        });
      return plain("fails", "The operator differs from the duty.", {
        value: supply,
        limit: operator,
        remedy: "Use an operator as specified, or change the operator in the duty.",
        uses: [stated("operator", operator, duty.stated.operator)],
      });
    }
    if (operator === "bare stem") return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { stroke } = valve.construction;
    return plain(
      "fails",
      stroke === "rising stem"
        ? "The shelf has no such operator for a rising stem."
        : "The shelf has no such operator.",
      {
        value: operator,
        limit: stroke,
        remedy: "Specify another operator or a bare stem, or ask the maker for an actuator.",
        uses: [stated("operator", operator, duty.stated.operator), used("stroke", stroke, "catalogue")],
      },
    );
  },
});

import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { safetyLevel } from "./safety-level.ts";

export const integrityAction = rule({
  id: "drive/integrity-action",
  asks: "Fail-safe action",
  source: "IEC 61511-1, clause 11: a safety function goes to its safe state on loss of supply",
  inputs: ["integrity level", "fail action of the actuator"],
  dependsOn: ["drive.onSupplyLoss"],
  notApplicableBecause: (duty) =>
    safetyLevel(duty) === 0 ? "The duty asks for no safety integrity level." : null,
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const moves = drive.onSupplyLoss !== "stays";
    return plain(
      moves ? "holds" : "fails",
      moves
        ? "The valve goes to its safe position on loss of supply."
        : "The valve stays in position on loss of supply.",
      {
        value: drive.onSupplyLoss,
        limit: "closes or opens",
        remedy: moves ? null : "Use a spring-return actuator.",
        uses: [used("integrity level", duty.stated.integrityLevel!, "entered")],
      },
    );
  },
});

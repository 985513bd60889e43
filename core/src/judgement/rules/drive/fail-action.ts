import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { functionUsed, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const failAction = rule({
  id: "drive/fail-action",
  asks: "Action on supply loss",
  source: "Fail action of the actuator against the fail action of the duty",
  inputs: ["on supply loss", "fail action of the actuator"],
  dependsOn: ["drive.family", "drive.onSupplyLoss"],
  examine: ({ drive, duty }) => {
    const wanted = duty.stated.onSupplyLoss;
    const emergency = duty.function.has("emergency shut-down");
    if (emergency && wanted === "stays")
      return plain(
        "fails",
        "The duty asks an emergency shut-down valve to stay in position on loss of supply. It must close or open.",
        {
          value: drive?.onSupplyLoss ?? "bare stem",
          limit: "closes or opens",
          remedy:
            "State whether the valve closes or opens on loss of supply, and use a spring-return actuator.",
          uses: [functionUsed(duty), used("asked", wanted, "entered")],
        },
      );
    if (emergency && wanted === null && !drive) return cannotTell("action on supply loss");
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const byHand = isByHand(kindOf(drive.family).supply);
    if (byHand && emergency)
      return plain(
        "fails",
        "An emergency shut-down valve must move by itself. This one has a manual operator.",
        {
          value: "by hand",
          limit: "closes or opens",
          remedy: "Use a spring-return actuator.",
          uses: [functionUsed(duty)],
        },
      );
    if (byHand && (wanted === null || wanted === "stays"))
      return notAsked("The valve has a manual operator, so there is no supply to lose.");
    const uses = [
      { what: "this actuator", value: drive.onSupplyLoss, unit: "" as const, origin: "catalogue" as const },
    ];
    if (wanted === null) return cannotTell("action on supply loss", { value: drive.onSupplyLoss, uses });
    const match = wanted === drive.onSupplyLoss;
    return plain(
      match ? "holds" : "fails",
      match ? "The fail action is as specified." : "The fail action differs from the duty.",
      {
        value: drive.onSupplyLoss,
        limit: wanted,
        remedy: match
          ? null
          : wanted === "stays"
            ? "Use a double-acting or electric actuator."
            : "Use a spring-return actuator.",
        uses: [{ what: "asked", value: wanted, unit: "", origin: "entered" }, ...uses],
      },
    );
  },
});

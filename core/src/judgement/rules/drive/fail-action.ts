import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { functionUsed, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const failAction = rule({
  id: "drive/fail-action",
  asks: "Action on supply loss",
  source: "Drive's action against the duty's",
  inputs: ["on supply loss", "drive's action"],
  hangsOn: ["drive.family", "drive.onSupplyLoss"],
  examine: ({ drive, duty }) => {
    const wanted = duty.stated.onSupplyLoss;
    const emergency = duty.function.has("emergency shut-down");
    if (emergency && wanted === "stays")
      return plain("fails", "An emergency valve must move when its supply is lost; it is asked to stay.", {
        value: drive?.onSupplyLoss ?? "bare stem",
        limit: "closes or opens",
        remedy: "State whether it closes or opens; a spring-return drive does it.",
        uses: [functionUsed(duty), used("asked", wanted, "entered")],
      });
    if (emergency && wanted === null && !drive) return cannotTell("the action on supply loss");
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const byHand = isByHand(kindOf(drive.family).supply);
    if (byHand && emergency)
      return plain("fails", "An emergency valve must move by itself; a hand turns this one.", {
        value: "by hand",
        limit: "closes or opens",
        remedy: "A spring-return drive.",
        uses: [functionUsed(duty)],
      });
    if (byHand && (wanted === null || wanted === "stays"))
      return notAsked("A hand turns it: there is no supply to lose.");
    const uses = [
      { what: "this drive", value: drive.onSupplyLoss, unit: "" as const, origin: "catalogue" as const },
    ];
    if (wanted === null) return cannotTell("the action on supply loss", { value: drive.onSupplyLoss, uses });
    const match = wanted === drive.onSupplyLoss;
    return plain(
      match ? "holds" : "fails",
      match
        ? "Does what is asked when the supply fails."
        : "Does something else than asked when the supply fails.",
      {
        value: drive.onSupplyLoss,
        limit: wanted,
        remedy: match
          ? null
          : wanted === "stays"
            ? "A double-acting or electric drive."
            : "A spring-return drive.",
        uses: [{ what: "asked", value: wanted, unit: "", origin: "entered" }, ...uses],
      },
    );
  },
});

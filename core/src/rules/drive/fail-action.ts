import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const failAction = rule({
  id: "drive/fail-action",
  asks: "Action on supply loss",
  source: "Drive's action against the duty's",
  inputs: ["on supply loss", "drive's action"],
  hangsOn: ["drive.onSupplyLoss"],
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const wanted = duty.stated.onSupplyLoss;
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

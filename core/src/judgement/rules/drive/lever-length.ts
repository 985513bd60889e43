import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const leverLength = rule({
  id: "drive/lever-length",
  asks: "Lever length",
  source: "A lever must not block the walkway or its neighbours (house rules)",
  inputs: ["lever length", "house rule: longest lever"],
  dependsOn: ["drive"],
  notApplicableBecause: unlessByHand,
  examine: ({ drive, house }) => {
    if (drive?.leverMm === undefined) return notAsked("The operator is not a lever.");
    const limit = house.longestLeverMm;
    const measured = against(drive.leverMm, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "The lever is longer than the house rule allows."
        : "The lever length is within the house rule.",
      {
        value: drive.leverMm,
        limit,
        sense: "≤",
        unit: "mm",
        remedy: fails ? "Use a gearbox with a handwheel." : null,
        uses: [used("longest lever", limit, "house rule", "mm")],
      },
      inMargin(measured, "%", false),
    );
  },
});

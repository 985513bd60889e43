import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const leverLength = rule({
  id: "drive/lever-length",
  asks: "Length of the lever",
  source: "A lever must leave the walkway and its neighbours free (house rules)",
  inputs: ["lever length", "house rule: longest lever"],
  hangsOn: ["drive"],
  unraised: unlessByHand,
  examine: ({ drive, house }) => {
    if (drive?.leverMm === undefined) return notAsked("No lever.");
    const limit = house.longestLeverMm;
    const measured = against(drive.leverMm, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "The lever is longer than its surroundings allow."
        : "The lever keeps clear of its surroundings.",
      {
        value: drive.leverMm,
        limit,
        sense: "≤",
        unit: "mm",
        remedy: fails ? "A gearbox with a handwheel." : null,
        uses: [used("longest lever", limit, "house rule", "mm")],
      },
      inHand(measured, "%", false),
    );
  },
});

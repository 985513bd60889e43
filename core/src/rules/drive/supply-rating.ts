import { kindOf } from "../../drives/index.ts";
import { against, inHand } from "../compare.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const supplyRating = rule({
  id: "drive/supply-rating",
  asks: "Drive air rating",
  source: "Drive family's maximum air pressure",
  inputs: ["highest air supply", "drive family's maximum air"],
  hangsOn: ["drive.family"],
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const kind = kindOf(drive.family);
    const limit = kind.maximumAirBarG(drive.family);
    if (limit === null) return notAsked("No air is used.");
    const measured = against(duty.airMaximumBarG, limit, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The supply can exceed what the cylinder stands."
        : "The cylinder stands the supply.",
      {
        value: duty.airMaximumBarG,
        limit,
        sense: "≤",
        unit: "bar g",
        remedy: measured.verdict === "fails" ? "A filter-regulator with relief at the drive." : null,
        uses: [
          kind.suppliedAt(duty, "highest"),
          { what: "cylinder rated to", value: limit, unit: "bar g", origin: "catalogue" },
        ],
      },
      inHand(measured, "%", false),
    );
  },
});

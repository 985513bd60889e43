import { against, inHand, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const supplyRating = rule({
  id: "drive/supply-rating",
  asks: "Drive air rating",
  source: "Drive family's maximum air pressure",
  inputs: ["highest air supply", "drive family's maximum air"],
  hangsOn: "drive family",
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    if (drive.family.kind !== "rack-and-pinion") return notAsked("No air is used.");
    const limit = drive.family.maximumAirBarG;
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
          {
            what: "highest air supply",
            value: duty.airMaximumBarG,
            unit: "bar g",
            origin: duty.stated.airMaximumBarG === null ? "assumed" : "entered",
          },
          { what: "cylinder rated to", value: limit, unit: "bar g", origin: "catalogue" },
        ],
      },
      inHand(measured, "%", false),
    );
  },
});

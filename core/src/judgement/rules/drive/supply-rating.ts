import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { against, inHand } from "../compare.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const supplyRating = rule({
  id: "drive/supply-rating",
  asks: "Drive pressure rating",
  source: "Drive family's maximum pressure of air, oil or gas",
  inputs: ["highest air supply", "highest oil supply", "highest pressure", "drive family's rating"],
  hangsOn: ["drive.family"],
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const kind = kindOf(drive.family);
    if (!kind.pressureRating) return notAsked("No pressure is used.");
    const rating = kind.pressureRating(drive.family, duty);
    if (rating === null) return cannotTell("the pressure it is supplied with");
    const { ratedBarG: limit, broughtBarG } = rating;
    const measured = against(broughtBarG, limit, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The supply can exceed what the cylinder stands."
        : "The cylinder stands the supply.",
      {
        value: broughtBarG,
        limit,
        sense: "≤",
        unit: "bar g",
        remedy: measured.verdict === "fails" ? "A regulator with relief at the drive." : null,
        uses: [
          kind.suppliedAt(duty, "highest"),
          { what: "cylinder rated to", value: limit, unit: "bar g", origin: "catalogue" },
        ],
      },
      inHand(measured, "%", false),
    );
  },
});

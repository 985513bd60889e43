import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { against, inMargin } from "../compare.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const supplyRating = rule({
  id: "drive/supply-rating",
  asks: "Actuator pressure rating",
  source: "Highest permitted air, oil or gas pressure of the actuator",
  inputs: ["highest air supply", "highest oil supply", "highest pressure", "rating of the actuator family"],
  dependsOn: ["drive.family"],
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const kind = kindOf(drive.family);
    if (!kind.pressureRating) return notAsked("The actuator uses no pressure.");
    const rating = kind.pressureRating(drive.family, duty);
    if (rating === null) return cannotTell("supply pressure of the actuator");
    const { ratedBarG: limit, broughtBarG } = rating;
    const measured = against(broughtBarG, limit, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The highest supply pressure exceeds the rating of the cylinder."
        : "The highest supply pressure is within the rating of the cylinder.",
      {
        value: broughtBarG,
        limit,
        sense: "≤",
        unit: "bar g",
        remedy: measured.verdict === "fails" ? "Fit a regulator with relief valve at the actuator." : null,
        uses: [
          kind.suppliedAt(duty, "highest"),
          { what: "cylinder rating", value: limit, unit: "bar g", origin: "catalogue" },
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});

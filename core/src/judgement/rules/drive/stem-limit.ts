import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { against, inMargin } from "../compare.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { driveLimits } from "./limits.ts";

export const stemLimit = rule({
  id: "drive/stem-limit",
  asks: "Stem limit",
  source: "Maximum allowable stem torque of the product line",
  inputs: ["highest air supply", "actuator output", "maximum allowable stem torque"],
  dependsOn: ["size", "cavity", "seat", "drive"],
  examine: ({ valve, drive, supplied, demand, duty }) => {
    if (!drive || !supplied) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { peakNm } = driveLimits(supplied, demand);
    const limit = valve.size.maximumStemTorqueNm;
    // The maker's limit already holds a margin: equality passes and nothing more is asked.
    const measured = against(peakNm, limit, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "At the highest supply the actuator torque exceeds the maximum allowable stem torque."
        : "At the highest supply the actuator torque is within the maximum allowable stem torque.",
      {
        value: peakNm,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy:
          measured.verdict === "fails"
            ? "Use a smaller actuator, a lower supply pressure or a stronger stem."
            : null,
        uses: () => [
          kindOf(drive.family).suppliedAt(duty, "highest"),
          { what: "maximum allowable stem torque", value: limit, unit: "N·m", origin: "catalogue" },
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});

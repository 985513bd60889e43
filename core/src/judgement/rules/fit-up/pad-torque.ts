import { against, inMargin } from "../compare.ts";
import { driveLimits, padLimitNm } from "../drive/limits.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const padTorque = rule({
  id: "fit-up/pad-torque",
  asks: "Pad torque limit",
  source: "ISO 5211 maximum flange torque (indicative)",
  inputs: ["highest air supply", "actuator output", "valve's mounting pad"],
  dependsOn: ["size", "cavity", "seat", "drive"],
  examine: ({ valve, drive, supplied, demand }) => {
    if (!drive || !supplied) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { peakNm, mostNm } = driveLimits(supplied, demand);
    const carried = Math.max(peakNm, mostNm ?? 0);
    const limit = padLimitNm(valve.size.pad);
    const measured = against(carried, limit, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The peak output torque exceeds the limit of the mounting pad."
        : "The peak output torque is within the limit of the mounting pad.",
      {
        value: carried,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy: measured.verdict === "fails" ? "Use a smaller actuator, or a valve with a larger pad." : null,
        uses: () => [
          { what: "valve pad", value: valve.size.pad, unit: "", origin: "catalogue" },
          { what: "actuator flange", value: drive.flange, unit: "", origin: "catalogue" },
          { what: "peak output at highest supply", value: peakNm, unit: "N·m", origin: "computed" },
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});

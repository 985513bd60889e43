import { against, inHand } from "../compare.ts";
import { driveLimits, padLimitNm } from "../drive/limits.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const padTorque = rule({
  id: "fit-up/pad-torque",
  asks: "Pad limit",
  source: "ISO 5211 maximum flange torque (indicative)",
  inputs: ["highest air supply", "drive output", "valve's mounting pad"],
  hangsOn: ["size", "cavity", "seat", "drive"],
  examine: ({ valve, drive, supplied, demand }) => {
    if (!drive || !supplied) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const { peakNm, mostNm } = driveLimits(supplied, demand);
    const carried = Math.max(peakNm, mostNm ?? 0);
    const limit = padLimitNm(valve.size.pad);
    const measured = against(carried, limit, 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The pad is too small for the drive's peak."
        : "The pad carries the peak.",
      {
        value: carried,
        limit,
        sense: "≤",
        unit: "N·m",
        remedy: measured.verdict === "fails" ? "A smaller drive or a valve with a larger pad." : null,
        uses: () => [
          { what: "valve pad", value: valve.size.pad, unit: "", origin: "catalogue" },
          { what: "drive flange", value: drive.flange, unit: "", origin: "catalogue" },
          { what: "peak output at highest supply", value: peakNm, unit: "N·m", origin: "computed" },
        ],
      },
      inHand(measured, "%", false),
    );
  },
});

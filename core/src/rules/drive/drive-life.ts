import { kindOf } from "../../drives/index.ts";
import { against, inHand } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const driveLife = rule({
  id: "drive/drive-life",
  asks: "Strokes of the drive",
  source: "Strokes between overhauls against the life of the kind of drive (house rules, indicative)",
  inputs: ["strokes a year", "drive family", "house rule: lives, years between overhauls"],
  hangsOn: ["drive.family"],
  tight: "mild",
  examine: ({ drive, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const strokes = duty.strokesPerYear * house.overhaulYears;
    const { supply } = kindOf(drive.family);
    const life = supply === "electric" ? house.electricDriveLife : house.pneumaticDriveLife;
    const measured = against(strokes, life, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The drive wears out before the overhaul."
        : measured.verdict === "tight"
          ? "The drive is worn at the overhaul."
          : "The drive lasts to the overhaul.",
      {
        value: strokes,
        limit: life,
        sense: "≤",
        remedy: "A drive made for cycling, or earlier overhauls.",
        uses: [
          stated("strokes a year", duty.strokesPerYear, duty.stated.strokesPerYear),
          used("years between overhauls", house.overhaulYears, "house rule"),
          used(`life of a drive, ${supply}`, life, "house rule"),
        ],
      },
      inHand(measured, "%"),
    );
  },
});

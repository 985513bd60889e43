import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor, isByHand } from "../../../equipment/drives/supplies.ts";
import { lasting } from "../lasting.ts";
import { notAsked } from "../outcome.ts";
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
    const { supply } = kindOf(drive.family);
    if (isByHand(supply)) return notAsked("A hand turns it.");
    return lasting(
      {
        part: "drive",
        life: hasMotor(supply) ? house.electricDriveLife : house.pneumaticDriveLife,
        kind: `a drive, ${supply}`,
        remedy: "A drive made for cycling, or earlier overhauls.",
      },
      duty,
      house,
    );
  },
});

import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor, isByHand } from "../../../equipment/drives/supplies.ts";
import { lasting } from "../lasting.ts";
import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const driveLife = rule({
  id: "drive/drive-life",
  asks: "Actuator life",
  source: "Strokes between overhauls against the life of this kind of actuator (house rules, indicative)",
  inputs: ["strokes per year", "drive family", "house rule: lives, years between overhauls"],
  dependsOn: ["drive.family"],
  tight: "mild",
  examine: ({ drive, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { supply } = kindOf(drive.family);
    if (isByHand(supply)) return notAsked("The valve has a manual operator.");
    return lasting(
      {
        part: "drive",
        life: hasMotor(supply) ? house.electricDriveLife : house.pneumaticDriveLife,
        kind: `actuator, ${supply}`,
        remedy: "Use an actuator rated for more cycles, or shorten the overhaul interval.",
      },
      duty,
      house,
    );
  },
});

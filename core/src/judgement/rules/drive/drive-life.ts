import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { enduranceOf } from "../../../basis/reference/endurance.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor, isByHand } from "../../../equipment/drives/supplies.ts";
import { used } from "../inputs.ts";
import { lasting } from "../lasting.ts";
import { notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

/** From what a torque class is tested for, to a band above it, limited by the house rule of the kind. */
function bandAbove(tested: number, ofKind: number, { lifeBand }: Pick<HouseRules, "lifeBand">) {
  const least = Math.min(tested, ofKind);
  return { least, most: Math.max(least, Math.min(ofKind, tested * lifeBand)) };
}

export const driveLife = rule({
  id: "drive/drive-life",
  asks: "Actuator life",
  source:
    "Strokes between overhauls, or starts of a motor in a control loop, against the endurance of the torque class. In the manner of EN 15714-2, -3 and -4 (indicative, with a band)",
  inputs: [
    "strokes per year",
    "function",
    "highest output of the actuator",
    "drive family",
    "house rule: lives and their band, years between overhauls, starts of a motor that throttles",
  ],
  dependsOn: ["drive"],
  tight: "mild",
  examine: ({ drive, supplied, duty, house }) => {
    if (!drive || !supplied) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { supply, modulates } = kindOf(drive.family);
    if (isByHand(supply)) return notAsked("The valve has a manual operator.");
    const motor = hasMotor(supply);
    const { cycles, starts } = enduranceOf(motor ? "motor" : "cylinder", supplied.peakNm);
    // A loop starts its motor far more often than it moves the valve from end to end.
    const loops = motor && modulates === true && duty.function.has("throttling") && starts !== null;
    const startsAYear = house.throttlingStartsPerHour * (house.loopStartsPercent / 100) * house.hoursPerYear;
    return lasting(
      {
        part: "actuator",
        life: loops
          ? { least: starts, most: starts * house.lifeBand }
          : bandAbove(cycles, motor ? house.electricDriveLife : house.pneumaticDriveLife, house),
        kind: `actuator, ${supply}`,
        ...(loops && {
          moves: {
            aYear: startsAYear,
            use: used("starts per year in a control loop", startsAYear, "house rule"),
          },
        }),
        because: [used("highest output", supplied.peakNm, "computed", "N·m")],
        remedy: "Use an actuator rated for more cycles, or shorten the overhaul interval.",
      },
      duty,
      house,
    );
  },
});

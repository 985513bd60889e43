import { type Action, type Demand, type DriveOutput, outputAtPoints } from "../calc/actuator-margin.ts";
import { angles, type OverStroke, overStroke, type Profile } from "./profile.ts";

/** The seat is left, and met again, within so many degrees of an end. */
const nearEnd = 15;
const [first, mid, last] = [0, (angles.length - 1) / 2, angles.length - 1];

/** From the value at one end over the value in the middle to the other end. */
const throughThree = (atShut: number, run: number, atOpen: number): OverStroke =>
  overStroke((degrees) => {
    if (degrees <= nearEnd) return atShut + ((run - atShut) * degrees) / nearEnd;
    if (degrees >= 90 - nearEnd) return atOpen + ((run - atOpen) * (90 - degrees)) / nearEnd;
    return run;
  });

/**
 * The profile of a valve of which only the six named points are known.
 *
 * @param points N·m
 * @returns falls evenly from breakaway to running over the first 15° of a stroke, stays, and changes evenly to the
 *   ending value over the last
 * @source rule of this program: makers state no angles between, and a seat is left and met within 15°
 * @example profileThrough({ breakToOpenNm: 9, runToOpenNm: 3, endToOpenNm: 4, breakToCloseNm: 5, runToCloseNm: 3, endToCloseNm: 8 }).opening[0] // → 9
 */
export const profileThrough = (points: Demand): Profile => ({
  opening: throughThree(points.breakToOpenNm, points.runToOpenNm, points.endToOpenNm),
  closing: throughThree(points.endToCloseNm, points.runToCloseNm, points.breakToCloseNm),
});

/**
 * The six named points of a profile.
 *
 * @param profile N·m
 * @returns break and end at the ends of each stroke, run at its middle
 * @example namedPoints(profileThrough({ breakToOpenNm: 9, runToOpenNm: 3, endToOpenNm: 4, breakToCloseNm: 5, runToCloseNm: 3, endToCloseNm: 8 })).endToCloseNm // → 8
 */
export const namedPoints = ({ opening, closing }: Profile): Demand => ({
  breakToOpenNm: opening[first]!,
  runToOpenNm: opening[mid]!,
  endToOpenNm: opening[last]!,
  breakToCloseNm: closing[last]!,
  runToCloseNm: closing[mid]!,
  endToCloseNm: closing[first]!,
});

/** A force that changes evenly, through its middle value where that is stated. */
const throughMiddle = (atShut: number, middle: number, atOpen: number): OverStroke =>
  overStroke((degrees) =>
    degrees <= 45
      ? atShut + ((middle - atShut) * degrees) / 45
      : middle + ((atOpen - middle) * (degrees - 45)) / 45,
  );

/**
 * The profile of a drive of which torques are known at start, middle and end.
 *
 * @param output N·m
 * @param action which stroke the spring drives, if any
 * @returns torques even between start and end, and through the middle where it is stated
 * @throws CalculationError `output-does-not-fit-action` when a spring action lacks spring figures or the reverse
 * @source a spring's force is linear in its travel, a pinion's travel in the angle
 * @example outputProfile({ torqueNm: 10 }, "double-acting").closing[7] // → 10
 */
export function outputProfile(output: DriveOutput, action: Action): Profile {
  const p = outputAtPoints(output, action);
  return {
    opening: throughMiddle(p.breakToOpenNm, p.runToOpenNm, p.endToOpenNm),
    closing: throughMiddle(p.endToCloseNm, p.runToCloseNm, p.breakToCloseNm),
  };
}

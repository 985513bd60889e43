import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { DriveOutside } from "../../construction/ends/forms.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { ProductSize } from "../../equipment/catalogue/schema.ts";

/** Clearance between an actuator and the rim of a flange under it. */
const overFlangeMm = 5;

/** A drive longer than this share of the face-to-face reaches over the flanges' bolts. */
const reachesOver = 0.7;

/**
 * How far the flange of a drive must rise over the pad of a valve, so that it clears flange bolts and lagging.
 *
 * @param size valve: height of its pad over the pipe's axis, diameter of its flanges, face to face, mm
 * @param outside of the drive, mm, its longest side along the pipe
 * @param duty thickness of the lagging, mm
 * @param house room for a hand
 * @returns mm, 0 where it may sit on the pad; null where the valve or the drive states too little
 * @source geometry: lagging reaches its thickness beyond the flange
 */
export function riseWantedMm(
  { padHeightMm, flangeDiameterMm, faceToFaceMm }: ProductSize,
  outside: DriveOutside | null,
  { laggingMm }: Pick<SettledDuty, "laggingMm">,
  house: HouseRules,
): number | null {
  if (padHeightMm === null || flangeDiameterMm === null) return null;
  const radius = flangeDiameterMm / 2;
  const lagging = laggingMm ?? 0;
  if (lagging > 0) return Math.max(0, radius + lagging + house.handRoomMm - padHeightMm);
  if (outside === null) return null;
  // Where the face-to-face is not stated, it may reach over.
  if (faceToFaceMm !== null && outside.lengthMm <= reachesOver * faceToFaceMm) return 0;
  return Math.max(0, radius + overFlangeMm - padHeightMm);
}

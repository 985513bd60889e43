import type { HouseRules } from "../../basis/house/house-rules.ts";
import { type Pad, padOf } from "../../basis/reference/pads.ts";
import type { DriveOutside, StemEnd } from "../../construction/ends/forms.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { suppliedDrive } from "../../equipment/drives/supplied.ts";
import type { FitUp } from "../../mechanics/fit-up/fit-up.ts";
import { driveLimits } from "../rules/drive/limits.ts";
import { mountedOn } from "../rules/fit-up/mounted-on.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** How a drive sits on a valve, as a picture needs it. */
export interface FitUpPicture {
  readonly pad: Pad;
  /** Flange of the drive; null for a bare stem. */
  readonly flange: Pad | null;
  /** Parts between valve and actuator; null for a bare stem and for rising stems. */
  readonly fitUp: FitUp | null;
  readonly stemEnd: StemEnd | null;
  readonly outside: DriveOutside | null;
  readonly padHeightMm: number | null;
  readonly flangeDiameterMm: number | null;
  readonly faceToFaceMm: number | null;
  readonly stemDiameterMm: number;
  readonly stemLimitNm: number;
  /** Highest output at maximum supply, N·m; null for a bare stem. */
  readonly peakNm: number | null;
  /** Greatest demand anywhere times the factor, N·m. */
  readonly needsNm: number | null;
}

/**
 * Mounting pad, actuator flange and the parts between them.
 *
 * @param candidate a proven candidate
 * @param duty settled duty with the air supply, bar g
 * @param house screws, stresses, room
 * @returns pads of ISO 5211 in mm, torques in N·m
 * @source ISO 5211 (indicative); the same torques the fit-up rule examines
 */
export function fitUpPicture(
  { valve, drive, demand, train }: Pick<ProvenCandidate, "valve" | "drive" | "demand" | "train">,
  duty: SettledDuty,
  house: HouseRules,
): FitUpPicture {
  const supplied = drive && suppliedDrive(drive, duty);
  const limits = supplied && driveLimits(supplied, demand);
  const fitUp = mountedOn({ valve, drive, supplied, duty, house, fittings: train.fittings });
  const { stemEnd, padHeightMm, flangeDiameterMm, faceToFaceMm } = valve.size;
  return {
    fitUp,
    stemEnd,
    outside: drive?.outside ?? null,
    padHeightMm,
    flangeDiameterMm,
    faceToFaceMm,
    pad: padOf(valve.size.pad)!,
    flange: drive ? (padOf(drive.flange) ?? null) : null,
    stemDiameterMm: valve.size.stemDiameterMm,
    stemLimitNm: valve.size.maximumStemTorqueNm,
    peakNm: limits?.peakNm ?? null,
    needsNm: limits?.mostNm ?? null,
  };
}

import { suppliedDrive } from "../drives/index.ts";
import type { SettledDuty } from "../duty/settle.ts";
import { type Pad, padOf } from "../reference/pads.ts";
import { driveLimits } from "../rules/drive/limits.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** How a drive sits on a valve, as a picture needs it. */
export interface FitUpPicture {
  readonly pad: Pad;
  /** Flange of the drive; null for a bare stem. */
  readonly flange: Pad | null;
  /** The flanges are the same: no bracket between them. */
  readonly direct: boolean;
  readonly stemDiameterMm: number;
  readonly stemLimitNm: number;
  /** Highest output at maximum supply, N·m; null for a bare stem. */
  readonly peakNm: number | null;
  /** Greatest demand anywhere times the factor, N·m. */
  readonly needsNm: number | null;
}

/**
 * Pad, flange and what passes between them.
 *
 * @param candidate a proven candidate
 * @param duty settled duty with the air supply, bar g
 * @returns pads of ISO 5211 in mm, torques in N·m
 * @source ISO 5211 (indicative); the same torques the fit-up rule examines
 */
export function fitUpPicture(
  { valve, drive, demand }: Pick<ProvenCandidate, "valve" | "drive" | "demand">,
  duty: SettledDuty,
): FitUpPicture {
  const supplied = drive && suppliedDrive(drive, duty);
  const limits = supplied && driveLimits(supplied, demand);
  return {
    pad: padOf(valve.size.pad)!,
    flange: drive ? (padOf(drive.flange) ?? null) : null,
    direct: drive?.flange === valve.size.pad,
    stemDiameterMm: valve.size.stemDiameterMm,
    stemLimitNm: valve.size.maximumStemTorqueNm,
    peakNm: limits?.peakNm ?? null,
    needsNm: limits?.mostNm ?? null,
  };
}

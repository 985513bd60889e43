import type { HouseRules } from "../../basis/house/house-rules.ts";
import { angles } from "../../basis/stroke/profile.ts";
import type { SuppliedDrive } from "../../equipment/drives/supplied.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import type { TorqueDemand } from "../torque/demand.ts";

/** Friction of a valve at an opening against what turns it there. */
export interface DeadBand {
  /** Of the stroke, within which the valve does not answer. */
  readonly percent: number;
  /** Of the drive's torque that friction takes there; null where the drive does not give way. */
  readonly frictionShare: number | null;
}

const nearest = (openingPercent: number) =>
  Math.min(angles.length - 1, Math.round((openingPercent / 100) * (angles.length - 1)));

/**
 * What of the stroke a valve does not answer within.
 *
 * @param openingPercent where it stands
 * @param demand torque of the valve, what flow adds left out
 * @param supplied a drive on air, at its lowest supply; null for one that does not give way: a motor, oil
 * @param stepPercent least step of what sets it
 * @param house gain of the positioner
 * @returns the dead band; null where the demand of a case is not known
 * @source to turn back, a drive on air changes its torque by twice the friction; a positioner answers an error with its
 *   gain: step + 2·T_friction/T_drive/gain
 */
export function deadBandAt(
  openingPercent: number,
  demand: TorqueDemand,
  supplied: SuppliedDrive | null,
  stepPercent: number,
  house: Pick<HouseRules, "positionerGain">,
): DeadBand | null {
  if (supplied === null) return { percent: stepPercent, frictionShare: null };
  const at = nearest(openingPercent);
  if (demand.unknown !== null || demand.covering === null) return null;
  const still = demand.byCase.map(({ profile, flow }) => profile!.opening[at]! - (flow?.opening[at] ?? 0));
  const frictionShare = Math.max(...still) / Math.max(supplied.lowest.opening[at]!, 1e-9);
  return { percent: stepPercent + (2 * 100 * frictionShare) / house.positionerGain, frictionShare };
}

/**
 * Change of a trim's coefficient over a dead band.
 *
 * @param trim in its body
 * @param openingPercent where it stands
 * @param bandPercent of the stroke
 * @returns of the coefficient there, per cent
 * @source the trim's curve half a band either side
 */
export function flowStepPercent(trim: TrimInBody, openingPercent: number, bandPercent: number): number {
  const at = (h: number) => trimAt(trim, Math.min(100, Math.max(0, h))).kv;
  const half = bandPercent / 2;
  return (100 * (at(openingPercent + half) - at(openingPercent - half))) / at(openingPercent);
}

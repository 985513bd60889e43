import type { HouseRules } from "../../basis/house/house-rules.ts";
import { angles } from "../../basis/stroke/profile.ts";
import type { SuppliedDrive } from "../../equipment/drives/supplied.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import type { TorqueDemand } from "../torque/demand.ts";

/** Friction of a valve at an opening, against the actuator. */
export interface DeadBand {
  /** Share of the stroke within which the valve does not respond. */
  readonly percent: number;
  /** Share of the actuator's torque that friction takes there; null for a rigid actuator. */
  readonly frictionShare: number | null;
}

const nearest = (openingPercent: number) =>
  Math.min(angles.length - 1, Math.round((openingPercent / 100) * (angles.length - 1)));

/**
 * Dead band of a valve, as a share of the stroke.
 *
 * @param openingPercent its position
 * @param demand torque of the valve without the torque of flow
 * @param supplied an actuator on air, at its lowest supply; null for a rigid one: motor, hydraulic
 * @param stepPercent smallest step of the positioner
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
  const index = nearest(openingPercent);
  if (demand.unknown !== null || demand.covering === null) return null;
  const still = demand.byCase.map(
    ({ profile, flow }) => profile!.opening[index]! - (flow?.opening[index] ?? 0),
  );
  const frictionShare = Math.max(...still) / Math.max(supplied.lowest.opening[index]!, 1e-9);
  return { percent: stepPercent + (2 * 100 * frictionShare) / house.positionerGain, frictionShare };
}

/**
 * Change of a trim's coefficient over a dead band.
 *
 * @param trim in its body
 * @param openingPercent its position
 * @param bandPercent of the stroke
 * @returns of the coefficient there, per cent
 * @source the trim's curve half a band either side
 */
export function flowStepPercent(trim: TrimInBody, openingPercent: number, bandPercent: number): number {
  const kvAt = (h: number) => trimAt(trim, Math.min(100, Math.max(0, h))).kv;
  const half = bandPercent / 2;
  return (100 * (kvAt(openingPercent + half) - kvAt(openingPercent - half))) / kvAt(openingPercent);
}

import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { StrokeName } from "../../../basis/stroke/profile.ts";
import type { Fittings } from "../../../equipment/accessories/fittings.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { usesAir } from "../../../equipment/drives/supplies.ts";
import { type OnAir, onAir } from "../../../mechanics/air/executions.ts";
import type { AirWay } from "../../../mechanics/air/ways.ts";
import type { TorqueDemand } from "../../../mechanics/torque/demand.ts";
import type { Judged } from "../judged.ts";

interface Known {
  readonly air: string;
  readonly house: HouseRules;
  readonly fittings: Fittings | null;
  readonly onAir: OnAir | null;
}
/** Drives timed last on a demand: several rules ask for the same. */
const known = new WeakMap<TorqueDemand, Map<Drive, Known>>();

/**
 * The selected actuator with its air supply.
 *
 * @param judged drive, demand, duty and house rules
 * @returns consumption and stroking times; null where it uses no air, or the demand is not known
 */
export function timed({
  drive,
  demand,
  duty,
  house,
  fittings,
}: Pick<Judged, "drive" | "demand" | "duty" | "house" | "fittings">): OnAir | null {
  if (!drive || !usesAir(kindOf(drive.family).supply)) return null;
  const { opensWithinS, closesWithinS } = duty.stated;
  const air = `${duty.airMinimumBarG}|${duty.airMaximumBarG}|${opensWithinS}|${closesWithinS}|${duty.solenoids}`;
  let ofDemand = known.get(demand);
  if (!ofDemand) {
    ofDemand = new Map();
    known.set(demand, ofDemand);
  }
  const last = ofDemand.get(drive);
  if (last && last.air === air && last.house === house && last.fittings === fittings) return last.onAir;
  const made = onAir(drive, demand, duty, house, fittings);
  ofDemand.set(drive, { air, house, fittings, onAir: made });
  return made;
}

/**
 * The air arrangement that is fastest in one stroke.
 *
 * @param of drive on its air
 * @param name the stroke
 * @returns the way and its time; null where air does not carry the stroke through
 */
export function fastest(
  { ways, longest }: OnAir,
  name: StrokeName,
): { readonly way: AirWay; readonly seconds: number } | null {
  let best: { readonly way: AirWay; readonly seconds: number } | null = null;
  for (const way of ways) {
    const seconds = longest(name, way);
    if (seconds !== null && (best === null || seconds < best.seconds)) best = { way, seconds };
  }
  return best;
}

import { driveTrain } from "../catalogue/drive-train.ts";
import { type Numbering, numbering } from "../catalogue/identity.ts";
import { placesOf } from "../catalogue/parts/index.ts";
import type { Offer } from "../catalogue/shelf.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { Drive } from "../drives/index.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { torqueDemand } from "../torque/demand.ts";
import { serviceFactor } from "../torque/service-factor.ts";
import type { Pairing } from "./candidate.ts";
import { acts, drivesActing, pickDrive } from "./pick-drive.ts";

/** What may turn the valves of one duty. */
export interface Pairings {
  /** Numbers of the drive trains. */
  readonly trains: Numbering;
  /** A valve with one drive, null for a bare stem. */
  readonly with: (valve: Valve, drive: Drive | null) => Pairing;
  /** A valve with the drive of each family that suits it; with a bare stem where none may be asked for. */
  readonly picked: (valve: Valve) => readonly Pairing[];
  /** How many `picked` gives, without picking. */
  readonly count: (valve: Valve) => number;
  /** Every drive of the families that may be tried; a bare stem where none may be asked for. */
  readonly drivesFor: (valve: Valve) => readonly (Drive | null)[];
}

/** Valves alike in these need the same torque: the same drives are tried on them, and share a pairing. */
const pairedAlike = placesOf(["size", "cavity", "seat"]);

/**
 * Sets up what turns the valves of one duty: families that act as asked on supply loss, torque demand by size,
 * cavity and seat.
 *
 * @param duty settled duty
 * @param families drives on offer
 * @param house torque margin, service factor
 * @returns pairings of valves with drive trains
 * @source duty → candidates
 */
export function pairingsFor(
  duty: SettledDuty,
  { families: onOffer }: Pick<Offer, "families">,
  house: HouseRules,
): Pairings {
  const { onSupplyLoss } = duty.stated;
  const factor = serviceFactor(duty, house);
  const trains = numbering();
  /** Drive trains by their drive: the same few are tried on thousands of valves. */
  const byDrive = new Map<Drive | null, Pick<Pairing, "train" | "identity">>();
  const trainOf = (drive: Drive | null) => {
    const made = byDrive.get(drive) ?? {
      train: driveTrain(drive, duty),
      identity: trains.ofTrain({ drive }),
    };
    byDrive.set(drive, made);
    return made;
  };
  const pairing = (drive: Drive | null, demand: Pairing["demand"]): Pairing => {
    const { train, identity } = trainOf(drive);
    return { train, identity, demand };
  };
  const demandOf = (valve: Valve) => torqueDemand(valve, duty, house, factor);

  const allowed = onOffer.filter(({ supply }) => duty.operator === "any" || duty.operator === supply);
  const families = allowed
    .filter(
      (family) =>
        acts(family, onSupplyLoss) ||
        !allowed.some((other) => other.supply === family.supply && acts(other, onSupplyLoss)),
    )
    .map(({ drives }) => ({
      all: drives,
      acting: drivesActing(drives, onSupplyLoss).map((drive) => trainOf(drive).train.supplied!),
    }));
  const bare = (valve: Valve) => families.length === 0 || valve.construction.stroke === "rising stem";
  const known = new Map<
    Numbering,
    { readonly column: number; readonly picked: Map<number, readonly Pairing[]> }
  >();
  const knownOf = (by: Numbering) => {
    let so = known.get(by);
    if (so === undefined) {
      so = { column: by.column(pairedAlike), picked: new Map() };
      known.set(by, so);
    }
    return so;
  };

  return {
    trains,
    with: (valve, drive) => pairing(drive, demandOf(valve)),
    count: (valve) => (bare(valve) ? 1 : families.length),
    picked: (valve) => {
      const { identity } = valve;
      const { column, picked } = knownOf(identity.by);
      const key = identity.keys[column] ?? identity.by.key(identity, column);
      let pairings = picked.get(key);
      if (pairings === undefined) {
        const demand = demandOf(valve);
        pairings = bare(valve)
          ? [pairing(null, demand)]
          : families.map(({ acting }) => pairing(pickDrive(acting, valve, demand, house).drive, demand));
        picked.set(key, pairings);
      }
      return pairings;
    },
    drivesFor: (valve) => (bare(valve) ? [null] : families.flatMap(({ all }) => all)),
  };
}

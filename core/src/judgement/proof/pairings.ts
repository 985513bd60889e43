import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { fittingsOf } from "../../equipment/accessories/fittings.ts";
import { driveTrain } from "../../equipment/catalogue/drive-train.ts";
import { type Numbering, numbering } from "../../equipment/catalogue/identity.ts";
import { placesOf } from "../../equipment/catalogue/parts/parts.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { SupplyKind } from "../../equipment/drives/supplies.ts";
import { flowOf } from "../../mechanics/flow/picked.ts";
import { torqueDemand } from "../../mechanics/torque/demand.ts";
import { serviceFactor } from "../../mechanics/torque/service-factor.ts";
import { mounted } from "../rules/drive/mounted.ts";
import { mountedOn } from "../rules/fit-up/mounted-on.ts";
import { familyGrade } from "./family-grade.ts";
import type { Pairing } from "./pairing.ts";
import { drivesActing, pickDrive } from "./pick-drive.ts";

/** The operators that may turn the valves of one duty. */
export interface Pairings {
  /** Numbers of the drive trains. */
  readonly trains: Numbering;
  /** A valve with one actuator, null for a bare stem. */
  readonly with: (valve: Valve, drive: Drive | null) => Pairing;
  /** A valve with the drive of each supply that suits it; with a bare stem where nothing offered turns it. */
  readonly picked: (valve: Valve) => readonly Pairing[];
  /** How many `picked` gives, without picking. */
  readonly count: (valve: Valve) => number;
  /** Every drive that may be tried; a bare stem where nothing offered turns it. */
  readonly drivesFor: (valve: Valve) => readonly (Drive | null)[];
}

/** Operators tried where the duty leaves it open: hydraulic, line gas and manual are only tried when named. */
const byDefault: readonly string[] = ["pneumatic", "electric"] satisfies SupplyKind[];

/** Valves that share these need the same torque: the same actuators are tried on them, and they share a pairing. */
const pairedAlike = placesOf(["size", "cavity", "flow", "seat"]);

/**
 * Groups the drives by supply, for the supplies that are asked for. In a group, drives of better families come first, then
 * cheaper drives.
 */
function groupsOf(
  onOffer: Offer["families"],
  stroke: Construction["stroke"],
  duty: SettledDuty,
  house: HouseRules,
): { readonly drives: readonly Drive[]; readonly acting: readonly Drive[] }[] {
  const asked = duty.operator === "any" ? byDefault : [duty.operator];
  return asked.flatMap((supply) => {
    const families = onOffer.filter((family) => family.supply === supply && family.turns === stroke);
    if (families.length === 0) return [];
    const grades = new Map(
      families.map(({ family, drives }) => [family, familyGrade(drives, duty, house)] as const),
    );
    const allDrives = families.flatMap((family) => family.drives);
    const acting = [...drivesActing(allDrives, duty.stated.onSupplyLoss)].sort(
      (a, b) => grades.get(a.family)! - grades.get(b.family)! || a.price - b.price,
    );
    return [{ drives: allDrives, acting }];
  });
}

/**
 * Sets up the operators for one duty: groups of actuators by supply, torque demand by size, cavity and seat.
 *
 * @param duty settled duty
 * @param families drives on offer
 * @param house torque margin, service factor
 * @returns pairings of valves with drive trains
 * @source duty → candidates
 */
export function pairingsFor(
  duty: SettledDuty,
  { families: onOffer, accessories }: Pick<Offer, "families" | "accessories">,
  house: HouseRules,
): Pairings {
  const factor = serviceFactor(duty, house);
  const trains = numbering();
  const fittingsFor = fittingsOf(accessories, { duty, house });
  /** Drive trains by their drive: the same few are tried on thousands of valves. */
  const byDrive = new Map<Drive | null, Pick<Pairing, "train" | "identity">>();
  const trainOf = (drive: Drive | null) => {
    const known = byDrive.get(drive);
    if (known) return known;
    const train = driveTrain(drive, duty, fittingsFor(drive));
    const made = { train, identity: trains.ofTrain(train) };
    byDrive.set(drive, made);
    return made;
  };
  const pairing = (valve: Valve, drive: Drive | null, demand: Pairing["demand"]): Pairing => {
    const { train, identity } = trainOf(drive);
    const { supplied, fittings } = train;
    const between = mountedOn({ valve, drive, supplied, duty, house, fittings });
    const fitted = mounted({ drive, demand, duty, house, fittings });
    let [price, weightKg] = [train.price + (between?.price ?? 0), train.weightKg + (between?.betweenKg ?? 0)];
    price += flowOf(valve, duty, house).trim.price;
    for (const fitting of fitted) {
      price += fitting.price;
      weightKg += fitting.weightKg;
    }
    return {
      train,
      identity,
      demand,
      fitted,
      price,
      weightKg,
    };
  };
  const demandOf = (valve: Valve) => torqueDemand(valve, duty, house, factor);

  const groupsTurning = (stroke: Construction["stroke"]) =>
    groupsOf(onOffer, stroke, duty, house).map(({ drives, acting }) => ({
      all: drives,
      acting: acting.map((drive) => trainOf(drive).train.supplied!),
    }));
  const groups = {
    "quarter turn": groupsTurning("quarter turn"),
    "rising stem": groupsTurning("rising stem"),
  };
  const groupsFor = ({ construction }: Valve) => groups[construction.stroke];
  const known = new Map<
    Numbering,
    { readonly column: number; readonly picked: Map<number, readonly Pairing[]> }
  >();
  const knownOf = (by: Numbering) => {
    let remembered = known.get(by);
    if (remembered === undefined) {
      remembered = { column: by.column(pairedAlike), picked: new Map() };
      known.set(by, remembered);
    }
    return remembered;
  };

  return {
    trains,
    with: (valve, drive) => pairing(valve, drive, demandOf(valve)),
    count: (valve) => Math.max(1, groupsFor(valve).length),
    picked: (valve) => {
      const { identity } = valve;
      const { column, picked } = knownOf(identity.by);
      const key = identity.keys[column] ?? identity.by.key(identity, column);
      let pairings = picked.get(key);
      if (pairings === undefined) {
        const demand = demandOf(valve);
        const turning = groupsFor(valve);
        pairings =
          turning.length === 0
            ? [pairing(valve, null, demand)]
            : turning.map(({ acting }) =>
                pairing(valve, pickDrive(acting, valve, demand, house).drive, demand),
              );
        picked.set(key, pairings);
      }
      return pairings;
    },
    drivesFor: (valve) => {
      const turning = groupsFor(valve);
      return turning.length === 0 ? [null] : turning.flatMap(({ all: drives }) => drives);
    },
  };
}

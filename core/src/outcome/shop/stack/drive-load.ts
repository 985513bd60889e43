import { seatStack } from "../../../basis/calc/seat-stack.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { suppliedDrive } from "../../../equipment/drives/supplied.ts";
import { torqueDemand } from "../../../mechanics/torque/demand.ts";
import { breakParts } from "../../../mechanics/torque/mechanics.ts";
import type { Work } from "../work.ts";
import { chainOf } from "./chain.ts";

const triedN = 1000;

/** Torque per newton on the seat that adds to breakaway, N·m. */
function torquePerNewton(valve: Valve): number | null {
  const { geometry } = valve.size;
  const load = geometry.seatLoadN[valve.seat.material.id];
  if (load === undefined) return null;
  const partsAt = (seatLoadN: number) =>
    breakParts(
      {
        ...valve,
        size: {
          ...valve.size,
          geometry: {
            ...geometry,
            seatLoadN: { ...geometry.seatLoadN, [valve.seat.material.id]: seatLoadN },
          },
        },
      },
      0,
    );
  const [before, after] = [partsAt(load), partsAt(load + triedN)];
  return before && after ? (after.totalNm - before.totalNm) / triedN : null;
}

/**
 * Seat load at which the actuator can no longer open the valve.
 *
 * @param work valve, drive, duty and house rules
 * @returns N; null of a bare stem, where the proof knows no torque, or where load of the seat adds none
 * @source the load the chain is meant to make, and what is left of the drive at its lowest supply over what the proof
 *   counts with times its factor, by the friction of the seat (`breakParts`)
 */
export function driveLoadN({ valve, drive, duty, house }: Pick<Work, "valve" | "drive" | "duty" | "house">) {
  const chain = chainOf(valve);
  const demand = torqueDemand(valve, duty, house);
  const perNewton = torquePerNewton(valve);
  if (drive === null || chain === null || demand.covering === null || !perNewton) return null;
  const gives = suppliedDrive(drive, duty).lowest.opening[0]!;
  const spareNm = gives / demand.appliedFactor - demand.covering.opening[0]!;
  const meant = seatStack({ links: chain.links, axialStiffnessNPerMm: chain.stiffnessNPerMm });
  return Math.max(0, meant.loadAtMeanN + spareNm / perNewton);
}

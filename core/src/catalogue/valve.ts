import { genericSeatCurve } from "../calc/seat-limit.ts";
import type { Curve } from "../reference/curve.ts";
import { type BodyGrade, bodyGrade } from "../reference/grades.ts";
import { type Designation, parseDesignation, ratingCurve } from "../reference/pressure-temperature.ts";
import { type SealMaterial, sealMaterial } from "../reference/seals.ts";
import { type SeatMaterial, seatMaterial } from "../reference/seats.ts";
import type { ProductLine, ProductSize } from "./schema.ts";

/** A seat as a line offers it at one size: material, limit curve and where the curve comes from. */
export interface OfferedSeat {
  readonly material: SeatMaterial;
  readonly curve: Curve | null;
  readonly curveName: string;
  readonly curveIsGeneric: boolean;
}

/** One valve that can be ordered: a line at a size and class with body, trim, seat and seals picked. */
export interface Valve {
  readonly key: string;
  readonly line: ProductLine;
  readonly size: ProductSize;
  readonly designation: Designation;
  readonly grade: BodyGrade;
  readonly ratingCurve: Curve;
  readonly trim: ProductLine["trims"][number];
  readonly seat: OfferedSeat;
  readonly seals: {
    readonly id: string;
    readonly name: string;
    readonly parts: readonly { part: string; material: SealMaterial }[];
  };
  /** Valves that share it need the same torque, stem and pad checks. */
  readonly torqueKey: string;
  /** What pressure and temperature limits hang on besides the seat. */
  readonly bodyKey: string;
  readonly seatKey: string;
  readonly sizeKey: string;
  readonly sealsKey: string;
  readonly trimKey: string;
  /** Body, trim and seals together. */
  readonly materialKey: string;
  readonly endKey: string;
  readonly price: number;
}

function offeredSeat(line: ProductLine, size: ProductSize, offer: ProductLine["seats"][number]): OfferedSeat {
  const material = seatMaterial(offer.seat)!;
  if (offer.curve) {
    return {
      material,
      curve: { temperatureC: offer.curve.temperatureC, value: offer.curve.pressureBarG },
      curveName: offer.curve.name,
      curveIsGeneric: false,
    };
  }
  const mounting = line.mounting === "floating" ? "floating" : "trunnion";
  return {
    material,
    curve: genericSeatCurve(material, size.dn, mounting),
    curveName: "generic curve",
    curveIsGeneric: true,
  };
}

/**
 * Every valve a line can build at one of its sizes: all grades, trims, seats and seal sets.
 *
 * @param line a line of a catalogue that passed its check
 * @param size one of the line's sizes
 * @returns the valves in the line's own order
 * @throws never for a checked catalogue
 * @source the catalogue
 * @example valvesOfSize(line, line.sizes[0]).length
 */
export function valvesOfSize(line: ProductLine, size: ProductSize): Valve[] {
  const designation = parseDesignation(size.designation)!;
  const sizeKey = `${line.id}|${size.dn}|${size.designation}`;
  const endKey = `${line.id}|${size.designation}`;
  // Keys are built once here: proofs look findings up by them a thousand times over.
  const seats = line.seats.map((offer) => {
    const seat = offeredSeat(line, size, offer);
    const seatKey = seat.curveIsGeneric
      ? `${offer.seat}|${size.dn}|${line.mounting}`
      : `${line.id}|${offer.seat}`;
    return { offer, seat, seatKey, torqueKey: `${sizeKey}|${offer.seat}` };
  });
  const trimChoices = line.trims.map((trim) => ({ trim, key: `${line.id}|${trim.id}` }));
  const sealSets = line.seals.map((set) => ({
    key: `${line.id}|${set.id}`,
    priceFactor: set.priceFactor,
    seals: {
      id: set.id,
      name: set.name,
      parts: set.parts.map(({ part, seal }) => ({ part, material: sealMaterial(seal)! })),
    },
  }));
  const valves: Valve[] = [];
  for (const { grade: name, priceFactor } of line.grades) {
    const grade = bodyGrade(name)!;
    const curve = ratingCurve(designation, grade.group)!;
    const bodyKey = `${name}|${size.designation}`;
    for (const trims of trimChoices) {
      const { trim } = trims;
      for (const { offer, seat, torqueKey, seatKey } of seats) {
        for (const set of sealSets) {
          const { seals } = set;
          valves.push({
            key: `${sizeKey}|${name}|${trim.id}|${offer.seat}|${seals.id}`,
            line,
            size,
            designation,
            grade,
            ratingCurve: curve,
            trim,
            seat,
            seals,
            torqueKey,
            bodyKey,
            seatKey,
            sizeKey,
            sealsKey: set.key,
            trimKey: trims.key,
            materialKey: `${bodyKey}|${trims.key}|${set.key}`,
            endKey,
            price: Math.round(
              size.price * priceFactor * trim.priceFactor * offer.priceFactor * set.priceFactor,
            ),
          });
        }
      }
    }
  }
  return valves;
}

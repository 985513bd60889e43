import { type Cavity, type Construction, cavityNamed, constructionNamed } from "../bodies/index.ts";
import { genericSeatCurve } from "../calc/seat-limit.ts";
import { type Bolting, boltingNamed } from "../reference/bolting.ts";
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
  /** Rate of ISO 5208 the line promises with it. */
  readonly shutOff: string;
}

/**
 * Numbers for the parts of a valve and their combinations: two valves of one shelf are alike in a part
 * where the numbers are equal. Proofs look findings up by them a thousand times over, and comparing long
 * keys would cost more than examining the rules.
 */
export interface Alike {
  readonly line: number;
  readonly lineCavity: number;
  readonly lineClass: number;
  readonly size: number;
  readonly grade: number;
  readonly lineGrade: number;
  readonly gradeClass: number;
  /** Size, grade and cavity arrangement. */
  readonly body: number;
  readonly trim: number;
  readonly seals: number;
  readonly sealsClass: number;
  readonly seatMaterial: number;
  readonly seatCurve: number;
  readonly lineSeat: number;
  /** Line, size, class, cavity arrangement and seat: valves alike in it need the same torque. */
  readonly torque: number;
  readonly trimSeat: number;
  readonly bodySeat: number;
  /** Class, trim and seals together. */
  readonly kit: number;
}

/** Numbers texts, equal texts alike. */
export type Numbering = (text: string) => number;

/**
 * A numbering that starts anew.
 *
 * @returns function from text to number, the same for the same text
 * @throws never
 * @source none
 * @example numbering()("a") // → 0
 */
export function numbering(): Numbering {
  const seen = new Map<string, number>();
  return (text) => {
    let at = seen.get(text);
    if (at === undefined) {
      at = seen.size;
      seen.set(text, at);
    }
    return at;
  };
}

/** One valve that can be ordered: a line at a size and class with body, trim, seat and seals picked. */
export interface Valve {
  readonly key: string;
  readonly line: ProductLine;
  readonly size: ProductSize;
  readonly construction: Construction;
  readonly cavity: Cavity;
  readonly bolting: Bolting;
  readonly designation: Designation;
  readonly grade: BodyGrade;
  readonly ratingCurve: Curve;
  readonly trim: ProductLine["trims"][number];
  readonly seat: OfferedSeat;
  readonly seals: {
    readonly id: string;
    readonly name: string;
    readonly stemSeal: ProductLine["seals"][number]["stemSeal"];
    readonly emissionClass: ProductLine["seals"][number]["emissionClass"];
    readonly parts: readonly { part: string; material: SealMaterial; decompressionGrade: boolean }[];
  };
  /** What of it decides findings, as numbers that are equal where the parts are alike. */
  readonly alike: Alike;
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
      shutOff: offer.shutOff,
    };
  }
  const mounting = constructionNamed(line.construction)!.support === "floating" ? "floating" : "trunnion";
  return {
    material,
    curve: genericSeatCurve(material, size.dn, mounting),
    curveName: "generic curve",
    curveIsGeneric: true,
    shutOff: offer.shutOff,
  };
}

/**
 * Every valve a line can build at one of its sizes: all grades, cavity arrangements, trims, seats and seal sets.
 *
 * @param line a line of a catalogue that passed its check
 * @param size one of the line's sizes
 * @param number numbering shared by the valves that are proved together
 * @returns the valves in the line's own order
 * @throws never for a checked catalogue
 * @source the catalogue
 * @example valvesOfSize(line, line.sizes[0]).length
 */
export function valvesOfSize(line: ProductLine, size: ProductSize, number: Numbering = numbering()): Valve[] {
  const designation = parseDesignation(size.designation)!;
  const construction = constructionNamed(line.construction)!;
  const bolting = boltingNamed(line.bolting)!;
  const sizeKey = `${line.id}|${size.dn}|${size.designation}`;
  const ofLine = (text: string) => number(`${line.id}|${text}`);
  const alikeInLine = {
    line: number(line.id),
    lineClass: ofLine(size.designation),
    size: number(sizeKey),
  };
  const seats = line.seats.map((offer) => {
    const seat = offeredSeat(line, size, offer);
    const curve = seat.curveIsGeneric
      ? `curve ${offer.seat}|${size.dn}|${construction.support}`
      : `curve ${line.id}|${offer.seat}`;
    return {
      offer,
      seat,
      alike: {
        seatMaterial: number(`seat ${offer.seat}`),
        seatCurve: number(curve),
        lineSeat: ofLine(`seat ${offer.seat}`),
      },
    };
  });
  const sealSets = line.seals.map((set) => ({
    priceFactor: set.priceFactor,
    seals: {
      id: set.id,
      name: set.name,
      stemSeal: set.stemSeal,
      emissionClass: set.emissionClass,
      parts: set.parts.map(({ part, seal, decompressionGrade }) => ({
        part,
        material: sealMaterial(seal)!,
        decompressionGrade,
      })),
    },
    alike: {
      seals: ofLine(`seals ${set.id}`),
      sealsClass: ofLine(`seals ${set.id}|${size.designation}`),
    },
  }));
  const valves: Valve[] = [];
  for (const { grade: name, priceFactor } of line.grades) {
    const grade = bodyGrade(name)!;
    const rating = ratingCurve(designation, grade.group)!;
    const alikeInGrade = {
      ...alikeInLine,
      grade: number(`grade ${name}`),
      lineGrade: ofLine(`grade ${name}`),
      gradeClass: number(`grade ${name}|${size.designation}`),
    };
    for (const { arrangement, priceFactor: cavityFactor } of line.cavities) {
      const cavity = cavityNamed(arrangement);
      const bodyKey = `${sizeKey}|${name}|${cavity.id}`;
      const alikeInBody = {
        ...alikeInGrade,
        lineCavity: ofLine(`cavity ${cavity.id}`),
        body: number(bodyKey),
      };
      for (const trim of line.trims) {
        for (const { offer, seat, alike: alikeInSeat } of seats) {
          const alikeBeforeSeals = {
            ...alikeInBody,
            ...alikeInSeat,
            trim: ofLine(`trim ${trim.id}`),
            torque: number(`${sizeKey}|${cavity.id}|seat ${offer.seat}`),
            trimSeat: ofLine(`trim ${trim.id}|seat ${offer.seat}`),
            bodySeat: number(`${bodyKey}|seat ${offer.seat}`),
          };
          for (const set of sealSets) {
            valves.push({
              key: `${bodyKey}|${trim.id}|${offer.seat}|${set.seals.id}`,
              line,
              size,
              construction,
              cavity,
              bolting,
              designation,
              grade,
              ratingCurve: rating,
              trim,
              seat,
              seals: set.seals,
              alike: {
                ...alikeBeforeSeals,
                ...set.alike,
                kit: ofLine(`${size.designation}|trim ${trim.id}|seals ${set.seals.id}`),
              },
              price: Math.round(
                size.price *
                  priceFactor *
                  cavityFactor *
                  trim.priceFactor *
                  offer.priceFactor *
                  set.priceFactor,
              ),
            });
          }
        }
      }
    }
  }
  return valves;
}

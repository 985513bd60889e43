import { genericSeatCurve } from "../../basis/calc/seat-limit.ts";
import { boltingNamed } from "../../basis/reference/bolting.ts";
import { bodyGrade } from "../../basis/reference/grades.ts";
import { parseDesignation, ratingCurve } from "../../basis/reference/pressure-temperature.ts";
import { sealMaterial } from "../../basis/reference/seals.ts";
import { seatMaterial } from "../../basis/reference/seats.ts";
import { fittedWith } from "../../construction/bodies/assembly/fitted.ts";
import { type Assembly, isPressureBolting } from "../../construction/bodies/assembly/model.ts";
import { cavityNamed } from "../../construction/bodies/cavity.ts";
import { constructionNamed } from "../../construction/bodies/constructions.ts";
import { type Identity, type Numbering, numbering } from "./identity.ts";
import type { ProductLine, ProductSize } from "./schema.ts";
import type { OfferedSeat, UnnumberedValve } from "./unnumbered-valve.ts";

/**
 * Name of a seat; of a metal one with its contact with the closure.
 *
 * @param seat as a line offers it
 * @returns for example "Cobalt-alloy hardfacing, flexed metal lip"; the material alone where nothing is stated, or soft
 * @source the catalogue
 */
export const seatName = ({
  material,
  offer: { execution },
}: Pick<OfferedSeat, "material" | "offer">): string =>
  execution === null || execution === "soft ring" ? material.name : `${material.name}, ${execution}`;

/** One valve that can be ordered: a line at a size and class with body, trim, seat and seals picked. */
export interface Valve extends UnnumberedValve {
  /** Numbers of its parts, equal where the parts are equal. */
  readonly identity: Identity;
}

/**
 * The pieces and joints of a valve.
 *
 * @param valve construction, arrangement, seat, and the line that puts vent, sealant and contacts on it
 * @returns its assembly
 * @source the construction and the catalogue
 */
export function assemblyOf({
  construction,
  cavity,
  line,
  seat,
  size,
}: Pick<Valve, "construction" | "cavity" | "line" | "seat" | "size">): Assembly {
  const assembly = fittedWith(construction.assembly(cavity.id), {
    ventAndDrain: line.ventAndDrain,
    seatSealant: line.seatSealant,
    antiStatic: line.antiStatic,
    metalSeats: seat.material.kind === "metal" && seat.offer.execution !== "clearance",
  });
  const boltsOf = new Map(size.joints.map(({ bolting, bolts }) => [bolting, bolts]));
  return {
    ...assembly,
    pieces: assembly.pieces.map((piece) => {
      const bolts = boltsOf.get(piece.id);
      if (bolts !== undefined) return { ...piece, count: bolts * piece.joints };
      return isPressureBolting(piece) ? { ...piece, countStated: false } : piece;
    }),
  };
}

function offeredSeat(line: ProductLine, size: ProductSize, offer: ProductLine["seats"][number]): OfferedSeat {
  const material = seatMaterial(offer.seat)!;
  if (offer.curve) {
    return {
      offer,
      material,
      curve: { temperatureC: offer.curve.temperatureC, value: offer.curve.pressureBarG },
      curveName: offer.curve.name,
      curveIsGeneric: false,
    };
  }
  const mounting = constructionNamed(line.construction)!.support === "floating" ? "floating" : "trunnion";
  return {
    offer,
    material,
    curve: genericSeatCurve(material, size.dn, mounting),
    curveName: "generic curve",
    curveIsGeneric: true,
  };
}

/**
 * Every valve of a line at one size: all grades, cavity arrangements, trims, seats and seal sets.
 *
 * @param line a line of a catalogue that passed its check
 * @param size from the line
 * @param number numbering shared by the valves that are proved together
 * @returns the valves in the line's own order
 * @source the catalogue
 */
export function valvesOfSize(line: ProductLine, size: ProductSize, number: Numbering = numbering()): Valve[] {
  const designation = parseDesignation(size.designation)!;
  const construction = constructionNamed(line.construction)!;
  const bolting = boltingNamed(line.bolting)!;
  const seats = line.seats.map((offer) => offeredSeat(line, size, offer));
  const sealSets = line.seals.map((set) => sealSet(set));
  const valves: Valve[] = [];
  for (const { grade: name, priceFactor } of line.grades) {
    const grade = bodyGrade(name)!;
    const rating = ratingCurve(designation, grade.group)!;
    for (const { arrangement, priceFactor: cavityFactor } of line.cavities) {
      const cavity = cavityNamed(arrangement);
      const bodyKey = `${line.id}|${size.dn}|${size.designation}|${name}|${cavity.id}`;
      for (const trim of line.trims)
        for (const seat of seats)
          for (const { seals, priceFactor: sealsFactor } of sealSets) {
            const valve: { -readonly [Key in keyof Valve]: Valve[Key] } = {
              key: `${bodyKey}|${trim.id}|${seat.offer.seat}|${seals.id}`,
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
              seals,
              identity: unnumbered,
              price: Math.round(
                size.price *
                  priceFactor *
                  cavityFactor *
                  trim.priceFactor *
                  seat.offer.priceFactor *
                  sealsFactor,
              ),
            };
            valve.identity = number.ofValve(valve);
            valves.push(valve);
          }
    }
  }
  return valves;
}

/**
 * Picks for a valve of one size with the number of choices, in the order of `valvesOfSize`: the last changes fastest.
 *
 * @param line product line
 * @returns counts by pick
 * @source the catalogue
 */
export const picksOf = (line: ProductLine) =>
  [
    ["grade", line.grades.length],
    ["cavity", line.cavities.length],
    ["trim", line.trims.length],
    ["seat", line.seats.length],
    ["seals", line.seals.length],
  ] as const;

/** Placeholder until the numbers are known: a field added later would change the object's shape. */
const unnumbered: Identity = { by: numbering(), numbers: [], keys: [] };

function sealSet(set: ProductLine["seals"][number]) {
  const { id, name, stemSeal, emissionClass, priceFactor } = set;
  const parts = set.parts.map(({ part, seal, decompressionGrade }) => ({
    part,
    material: sealMaterial(seal)!,
    decompressionGrade,
  }));
  const seals: Valve["seals"] = { offer: set, id, name, stemSeal, emissionClass, parts };
  return { seals, priceFactor };
}

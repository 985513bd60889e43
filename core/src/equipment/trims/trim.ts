import { fittingsOf, pipingFactor } from "../../basis/calc/flow-fittings.ts";
import { type Characteristic, kvAt } from "../../basis/calc/opening.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import { passageOf } from "../../construction/bodies/passage.ts";
import type { FlowTrim } from "./schema.ts";

/** A trim in a body of one size. */
export interface TrimInBody {
  readonly trim: FlowTrim;
  /** Wide open, m³/h. */
  readonly kv: number;
  readonly passageMm: number | null;
  readonly price: number;
  /** Typical for its kind, not from its maker: an estimate. */
  readonly typical: boolean;
  readonly characteristic: Characteristic;
}

/** Values of a trim at an opening. */
export interface TrimAtOpening {
  readonly kv: number;
  readonly fl: number;
  readonly xt: number;
  readonly fd: number;
  readonly xfz: number | null;
  readonly torque: number | null;
  readonly closingTorque: number | null;
}

function characteristicOf({ law, rangeability, curve }: FlowTrim, kvOpen: number): Characteristic {
  return law === "points"
    ? {
        type: "points",
        points: curve.map(({ openingPercent, share }) => ({ openingPercent, kv: share! * kvOpen })),
      }
    : { type: law, kvOpen, rangeability };
}

/** Least opening a trim has a coefficient at, %: below it is shut. */
export const firstOpening = ({ characteristic }: Pick<TrimInBody, "characteristic">): number =>
  characteristic.type === "points" ? characteristic.points[0]!.openingPercent : 0;

/**
 * A trim at an opening.
 *
 * @param trim trim in its body
 * @param openingPercent 0 shut to 100 open; below the curve's first point its first
 * @returns Kv, m³/h, and the factors of the flow equations; between points evenly, Kv by the characteristic
 * @source the maker's curve
 */
export function trimAt(trim: TrimInBody, openingPercent: number): TrimAtOpening {
  const { curve } = trim.trim;
  let i = 0;
  while (i < curve.length && curve[i]!.openingPercent < openingPercent) i++;
  const here = curve[Math.min(i, curve.length - 1)]!;
  const onPoint = i === 0 || i === curve.length || here.openingPercent === openingPercent;
  const last = onPoint ? here : curve[i - 1]!;
  const share =
    last === here ? 1 : (openingPercent - last.openingPercent) / (here.openingPercent - last.openingPercent);
  // Field by field: this is asked for some ten times an opening.
  return {
    kv: kvAt(trim.characteristic, openingPercent),
    fl: last.fl + (here.fl - last.fl) * share,
    xt: last.xt + (here.xt - last.xt) * share,
    fd: last.fd + (here.fd - last.fd) * share,
    xfz: between(last.xfz, here.xfz, share),
    torque: between(last.torque, here.torque, share),
    closingTorque: between(last.closingTorque, here.closingTorque, share),
  };
}

const between = (a: number | null, b: number | null, share: number): number | null =>
  a === null || b === null ? null : a + (b - a) * share;

/** Size of a body, as trims are made for it. */
export interface BodySize {
  readonly dn: number;
  readonly designation: string;
  readonly boreMm: number;
}

/** Kinds a construction's passage is named as. */
const kindOf: Readonly<Record<Construction["flows"], FlowTrim["kind"]>> = {
  "ball bore": "bore",
  "plug port": "bore",
  "eccentric plug": "bore",
  "tilting ball": "bore",
  "turned port": "bore",
  "V-port": "V-port",
  segment: "segment",
  disc: "disc",
};

/**
 * Flow trim of a body where its maker states none.
 *
 * @param construction its flow passage
 * @param size bore, mm
 * @returns one trim of typical figures, an estimate
 * @source `passageOf`, Kv by the area of the bore, a reduced one with the reducers of its body (IEC 60534-2-1)
 */
export function typicalTrim(construction: Construction, { dn, boreMm }: BodySize): TrimInBody {
  const passage = passageOf(construction.flows);
  const straight = passage.kvPerMm2 * boreMm * boreMm;
  // A reduced bore is between two reducers of its own body.
  const narrowed =
    construction.flows === "ball bore" && boreMm < dn
      ? fittingsOf({ valveDiameterMm: boreMm, upstreamPipeMm: dn, downstreamPipeMm: dn })
      : null;
  const kv = narrowed ? straight * pipingFactor(straight, narrowed) : straight;
  const trim: FlowTrim = {
    id: "typical",
    name: `typical ${construction.flows}`,
    kind: kindOf[construction.flows],
    law: "points",
    rangeability: passage.rangeability,
    madeIn: null,
    bothWays: construction.direction === "both ways",
    curve: passage.points.map((point) => ({ ...point, xfz: null })),
    sizes: [{ dn, designation: null, kv, passageMm: null, price: 0 }],
  };
  const characteristic = characteristicOf(trim, kv);
  return { trim, kv, passageMm: null, price: 0, typical: true, characteristic };
}

/**
 * The trims that go into a body of a line, the smallest first.
 *
 * @param trims of the line
 * @param construction of the line
 * @param size from the line
 * @returns trims for the size; where none is stated the typical one of the construction
 * @source the catalogue
 */
export function trimsOf(
  trims: readonly FlowTrim[],
  construction: Construction,
  size: BodySize,
): readonly TrimInBody[] {
  let ofSize = known.get(size);
  if (!ofSize) {
    ofSize = new Map();
    known.set(size, ofSize);
  }
  let made = ofSize.get(trims);
  if (!made) {
    made = madeFor(trims, construction, size);
    ofSize.set(trims, made);
  }
  return made;
}

/** Trims of the sizes of a shelf, which every proof asks for. */
const known = new WeakMap<BodySize, Map<readonly FlowTrim[], readonly TrimInBody[]>>();

function madeFor(
  trims: readonly FlowTrim[],
  construction: Construction,
  size: BodySize,
): readonly TrimInBody[] {
  const made = trims.flatMap((trim) => {
    const own = trim.sizes.filter((s) => s.dn === size.dn);
    const matching =
      own.find((s) => s.designation === size.designation) ?? own.find((s) => s.designation === null);
    if (!matching) return [];
    const { kv, passageMm, price } = matching;
    return [{ trim, kv, passageMm, price, typical: false, characteristic: characteristicOf(trim, kv) }];
  });
  return made.length === 0 ? [typicalTrim(construction, size)] : made.sort((a, b) => a.kv - b.kv);
}

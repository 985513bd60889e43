import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Lines gained dimensions, arrangements of the cavity, shut-off promises and parts. Values that the first version did
 * not have never flatter: promises are not stated, dimensions are estimates from the bore. Frozen: later changes of the
 * catalogue do not change this step.
 */
export const dimensionsAndArrangements: VersionStep = {
  to: 2,
  says: "Product lines state dimensions, cavity arrangements and shut-off classes. Shut-off not stated before counts as none, and dimensions are estimated from the bore.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as Line[]).map(lineOf),
  }),
};

type Mounting = "floating" | "trunnion" | "disc";

interface Line extends Document {
  readonly construction: string;
  readonly mounting: Mounting;
  readonly cavity: string;
  readonly seats: readonly (Document & { readonly seat: string })[];
  readonly trims: readonly (Document & { readonly metals: readonly string[] })[];
  readonly seals: readonly Document[];
  readonly sizes: readonly (Document & { readonly boreMm: number })[];
}

const constructions: Readonly<Record<string, string>> = {
  "Floating ball, one-piece": "floating-one-piece",
  "Floating ball, two-piece": "floating-two-piece",
  "Floating ball, three-piece": "floating-three-piece",
  "Trunnion ball, side entry": "trunnion-side-entry",
  "Trunnion ball, top entry": "trunnion-top-entry",
  "Butterfly, concentric": "butterfly-concentric",
  "Butterfly, double-offset": "butterfly-double-offset",
  "Butterfly, triple-offset": "butterfly-triple-offset",
};
const usual: Readonly<Record<Mounting, string>> = {
  floating: "floating-two-piece",
  trunnion: "trunnion-side-entry",
  disc: "butterfly-double-offset",
};
const arrangements: Readonly<Record<string, string>> = {
  "two self-relieving seats": "two self-relieving",
  "self-relieving seat": "self-relieving seat",
  none: "none",
};

/**
 * The cavity arrangement of a line of the first version.
 *
 * @param line its mounting and its cavity in the first version
 * @returns arrangement of the second version: one that traps liquid unless it stated otherwise
 */
export function arrangementOf({ mounting, cavity }: Pick<Line, "mounting" | "cavity">): string {
  return mounting === "disc"
    ? "none"
    : (arrangements[cavity] ?? (mounting === "floating" ? "plain" : "two double-piston"));
}

function lineOf(line: Line): Document {
  const { mounting, entry: _e, barriers: _b, inLineRepair: _i, cavity: _c, construction, ...rest } = line;
  return {
    ...rest,
    construction: constructions[construction] ?? usual[mounting],
    cavities: [{ arrangement: arrangementOf(line), priceFactor: 1 }],
    antiStatic: false,
    blowOutProofStem: false,
    ballStops: false,
    ventAndDrain: false,
    seatSealant: false,
    stemExtension: false,
    jacket: null,
    vacuum: false,
    equalisingGrooves: false,
    deadEndFactor: null,
    bolting: "b7m",
    trims: line.trims.map(({ metals, ...trim }) => ({
      ...trim,
      ball: metals[0],
      stem: metals[1] ?? metals[0],
      spring: null,
      coating: null,
    })),
    seats: line.seats.map((seat) => ({ ...seat, shutOff: "D" })),
    seals: line.seals.map((set) => ({ ...set, stemSeal: "adjustable gland", emissionClass: null })),
    sizes: line.sizes.map((size) => ({ ...size, geometry: geometryOf(mounting, size.boreMm, line.seats) })),
  };
}

/** Dimensions in usual proportion to the bore: estimates. */
function geometryOf(mounting: Mounting, boreMm: number, seats: Line["seats"]): Document {
  const disc = mounting === "disc";
  const contactMm = (disc ? 0.96 : 1.1) * boreMm;
  const slides = mounting === "trunnion";
  return {
    closureDiameterMm: (disc ? 0.97 : 1.56) * boreMm,
    seatContactDiameterMm: contactMm,
    seatWidthMm: Math.max(2, (disc ? 0.03 : 0.08) * contactMm),
    seatSealDiameterMm: slides ? 1.09 * contactMm + 2 : null,
    sealDragN: slides ? 1.5 * contactMm : 0,
    seatLoadN: Object.fromEntries(
      seats.map(({ seat }) => [seat, (seat.startsWith("metal") ? 28 : 14) * Math.PI * contactMm]),
    ),
    offsetsMm: disc ? [0.16 * boreMm, 0.03 * boreMm] : null,
  };
}

import { minimumBoreMm } from "../../basis/reference/dimensions.ts";
import { bodyGrade } from "../../basis/reference/grades.ts";
import { parseDesignation, ratingCurve } from "../../basis/reference/pressure-temperature.ts";
import { seatMaterial } from "../../basis/reference/seats.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import type { ProductLine, ProductSize } from "../catalogue/schema.ts";
import { usualGrades, usualSeals, usualSeats, usualTrims } from "./materials.ts";

/** Dimensions as multiples of the bore or of the contact circle; estimates by kind of closure. */
const proportions: Record<Construction["closure"], { closure: number; contact: number; width: number }> = {
  ball: { closure: 1.56, contact: 1.1, width: 0.08 },
  segment: { closure: 1.42, contact: 1.06, width: 0.04 },
  disc: { closure: 0.97, contact: 0.96, width: 0.03 },
  plug: { closure: 1.3, contact: 1.1, width: 0.3 },
};

/** Class whose dimensions are used, for a class or the nearest one above a PN. */
function builtAs(designation: string): string {
  const parsed = parseDesignation(designation)!;
  if (parsed.system === "class") return parsed.number === 800 ? "class 900" : designation;
  const nearest = (
    [
      [20, 150],
      [50, 300],
      [100, 600],
      [150, 900],
      [250, 1500],
    ] as const
  ).find(([pn]) => parsed.number <= pn);
  return `class ${nearest?.[1] ?? 2500}`;
}

const endsOf = (construction: Construction, dn: number): ProductLine["ends"] => {
  if (construction.closure === "disc") return ["flanged RF", "wafer", "lug"];
  return dn <= 50
    ? ["flanged RF", "flanged RTJ", "butt-weld", "threaded", "socket-weld"]
    : ["flanged RF", "flanged RTJ", "butt-weld"];
};

function sizeOf(construction: Construction, dn: number, designation: string): ProductSize {
  const { closure, contact, width } = proportions[construction.closure];
  const bore = minimumBoreMm(parseDesignation(builtAs(designation))!.number, dn) ?? dn;
  const contactMm = contact * bore;
  const slides = construction.support === "trunnion";
  const seats = usualSeats(construction);
  return {
    dn,
    designation,
    boreMm: bore,
    stemDiameterMm: 10 + 0.2 * dn,
    maximumStemTorqueNm: 1,
    pad: "F07",
    stemEnd: null,
    stemThread: null,
    liveLoading: null,
    joints: [],
    padHeightMm: null,
    flangeDiameterMm: null,
    faceToFaceMm: null,
    weightKg: 1,
    price: 1000,
    geometry: {
      closureDiameterMm: closure * bore,
      seatContactDiameterMm: contactMm,
      seatWidthMm: Math.max(2, width * contactMm),
      // A floating ball's self-relieving lip lifts like a sliding seat.
      seatSealDiameterMm: slides || construction.support === "floating" ? 1.09 * contactMm + 2 : null,
      sealDragN: slides ? 1.5 * contactMm : 0,
      seatLoadN: Object.fromEntries(
        seats.map(({ seat }) => [
          seat,
          (seatMaterial(seat)!.kind === "metal" ? 28 : 14) * Math.PI * contactMm,
        ]),
      ),
      offsetsMm:
        construction.closure === "disc" && construction.id !== "butterfly-concentric"
          ? [0.16 * bore, 0.03 * bore]
          : null,
    },
    // No maker has been asked: a table that ends at nothing makes torque *cannot tell*.
    torque: {
      differentialBar: [0, 1e-9],
      breakToOpenNm: Object.fromEntries(seats.map(({ seat }) => [seat, [1, 1]])),
    },
  };
}

/**
 * A product line that nobody offers: a construction at one size and class, with all possible parts.
 *
 * @param construction the construction
 * @param dn nominal size
 * @param designation class or PN, for example "class 600"
 * @param bolting id of the bolting
 * @returns the line, or null where the construction is not built in that size and class
 * @source builtTo of the construction; dimensions are estimates from the bore
 */
export function lineByConstruction(
  construction: Construction,
  dn: number,
  designation: string,
  bolting: string,
): ProductLine | null {
  const range = construction.builtTo[builtAs(designation)];
  if (!range || dn < range[0] || dn > range[1]) return null;
  const rated = parseDesignation(designation)!;
  const grades = usualGrades.filter((g) => ratingCurve(rated, bodyGrade(g)!.group) !== null);
  if (grades.length === 0) return null;
  const soft = construction.seatKinds.includes("polymer");
  return {
    id: `by-construction-${construction.id}`,
    maker: "any maker",
    name: "by construction",
    construction: construction.id,
    port: construction.closure === "disc" ? "wafer disc" : construction.fullBore ? "full" : "reduced",
    cavities: construction.cavities.map((arrangement, i) => ({ arrangement, priceFactor: 1 + 0.05 * i })),
    sealing: construction.direction,
    noLongerMade: false,
    fireSafe: construction.id !== "butterfly-concentric",
    antiStatic: construction.id !== "butterfly-concentric",
    blowOutProofStem: true,
    ballStops: construction.closure === "ball",
    ventAndDrain: construction.holdsCavity,
    seatSealant: construction.support === "trunnion",
    stemExtension: true,
    jacket: construction.closure === "disc" ? null : { maximumBarG: 16, maximumC: 250 },
    vacuum: construction.standsVacuum,
    equalisingGrooves: soft && construction.support === "floating",
    deadEndFactor: construction.closure === "disc" ? 0.75 : null,
    bolting,
    ends: endsOf(construction, dn),
    grades: grades.map((grade, i) => ({ grade, priceFactor: 1 + 0.25 * i })),
    trims: usualTrims(construction),
    seats: usualSeats(construction),
    seals: usualSeals,
    stroke: { runToOpen: 0.6, endToOpen: 0.6, breakToClose: 0.6, runToClose: 0.6, endToClose: 0.8 },
    flowTrims: [],
    torqueIncludesFactor: 1,
    sizes: [sizeOf(construction, dn, designation)],
  };
}

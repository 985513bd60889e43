import { faceToFaceMm } from "@proven-seat/core/basis/reference";
import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { stemThrustN } from "@proven-seat/core/mechanics/torque";
import { stemEndOf } from "../ends.ts";
import { type FlowBody, plainTrims } from "../flow-trims.ts";
import {
  boreOf,
  classLike,
  geometryOf,
  type Proportions,
  type Reserve,
  sized,
  threeFigures,
} from "../geometry.ts";
import { jointsOf } from "./joints.ts";

const sizesMade = [15, 20, 25, 32, 40, 50, 65, 80, 100, 125, 150, 200, 250, 300, 350, 400, 450, 500, 600];
const heavyBy: Record<number, number> = { 150: 1, 300: 1.35, 600: 2.1, 900: 3.2, 1500: 4.8, 2500: 7.5 };
const sizesIn = (from: number, to: number) => sizesMade.filter((dn) => dn >= from && dn <= to);
/** The size from which a bore is taken, some sizes down the list. */
const narrower = (dn: number, by: number) => sizesMade[sizesMade.indexOf(dn) - by] ?? dn;
/** A line as the demo defines it: construction, proportions, weight and price. */
export interface Make {
  line: Omit<ProductLine, "sizes" | "flowTrims">;
  /** Flow trims for sizes and bores; the plain bore or disc where nothing is stated. */
  flow?: (sizes: readonly FlowBody[]) => ProductLine["flowTrims"];
  /** Smallest and largest size in each designation. */
  range: Record<string, [from: number, to: number]>;
  proportions: Proportions;
  allowableShearMPa: number;
  thinnestStem: (dn: number) => number;
  price: (dn: number) => number;
  weight: (dn: number) => number;
  /** Bore as a share of the full one. */
  boreShare?: number;
  /** Bore of a size so many down the list. */
  boreSizesDown?: number;
  /** Two flats instead of a square. */
  flatHead?: boolean;
  /** Design torque of stem and pad; higher where the torque is as high at the end of the stroke as at its start. */
  reserve?: Reserve;
}

const usualReserve: Reserve = { stem: 2.6, pad: 2.2 };

/** Thread of a rising stem: the usual lead for its size, strong enough for its torque. */
function threadOf(stem: { stemDiameterMm: number; maximumStemTorqueNm: number }, boreMm: number) {
  const leadMm = Math.max(4, Math.round(0.22 * stem.stemDiameterMm));
  const meanDiameterMm = stem.stemDiameterMm - leadMm / 2;
  const maximum = stemThrustN(stem.maximumStemTorqueNm, { leadMm, meanDiameterMm }, 0.08);
  return {
    leadMm,
    meanDiameterMm,
    liftMm: threeFigures(0.6 * boreMm),
    maximumThrustN: threeFigures(1.05 * maximum),
  };
}

export function make(parts: Make): ProductLine {
  const { line, range, proportions } = parts;
  const seats = line.seats.map((s) => s.seat);
  const disc = line.port === "wafer disc";
  // One of the makers leaves it to the fitter, as some do.
  const statesLiveLoading =
    line.maker !== "Tarrowby Controls" && line.seals.some((s) => s.stemSeal === "live-loaded stack");
  const sizes = Object.entries(range).flatMap(([designation, [from, to]]) => {
    const classNumber = classLike(designation);
    const heavy = heavyBy[classNumber]!;
    return sizesIn(from, to).map((dn) => {
      const boreMm = threeFigures(
        boreOf(classNumber, narrower(dn, parts.boreSizesDown ?? 0)) * (parts.boreShare ?? 1),
      );
      const geometry = geometryOf(boreMm, seats, proportions);
      const stem = sized(
        designation,
        seats,
        proportions.breakOf(boreMm, geometry),
        parts.allowableShearMPa,
        parts.thinnestStem(dn),
        disc ? boreMm : null,
        parts.reserve ?? usualReserve,
      );
      const flangeDiameterMm = threeFigures(dn * (1.28 + 0.09 * heavy) + 70 * heavy ** 0.2);
      return {
        dn,
        designation,
        boreMm,
        ...stem,
        // A rising stem ends in a thread, and its nut comes with the valve.
        stemEnd:
          line.construction === "tilt-away"
            ? null
            : stemEndOf(stem.stemDiameterMm, stem.maximumStemTorqueNm, parts.flatHead ?? false),
        stemThread: line.construction === "tilt-away" ? threadOf(stem, boreMm) : null,
        liveLoading: statesLiveLoading
          ? {
              heightMm: threeFigures(0.45 * stem.stemDiameterMm),
              toleranceMm: Math.max(0.2, Math.round(0.05 * stem.stemDiameterMm) / 10),
            }
          : null,
        joints: jointsOf(line, designation, geometry, stem.stemDiameterMm),
        padHeightMm: threeFigures(flangeDiameterMm / 2 + (disc ? 40 : 14) + 0.06 * dn),
        flangeDiameterMm,
        geometry,
        faceToFaceMm: disc
          ? Math.round(30 + 0.22 * dn * Math.sqrt(heavy))
          : faceToFaceMm(classNumber, dn, "long"),
        weightKg: threeFigures(parts.weight(dn) * heavy ** 0.9),
        price: Math.round((parts.price(dn) * heavy) / 5) * 5,
      };
    });
  });
  return { ...line, flowTrims: (parts.flow ?? plainTrims(line.construction, line.port))(sizes), sizes };
}

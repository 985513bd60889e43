import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Pad } from "../../basis/reference/pads.ts";
import type { DriveEnd, StemEnd } from "../../construction/ends/forms.ts";
import type { Made, Stock } from "../../equipment/accessories/stock.ts";
import { type Bracket, bracketFor, type Hung } from "./bracket.ts";
import { type Coupling, couplingFor, reaching } from "./coupling.ts";
import { stockBracket, stockCouplings } from "./stock.ts";

/** A bracket with the coupling that turns in it. */
export interface Between {
  readonly bracket: Bracket;
  readonly coupling: Coupling;
  readonly price: number;
}

/** A shelf without brackets and couplings. */
export const nothingInSeries: Stock = { brackets: [], couplings: [] };

/** Standard parts at their price; parts made to order are one order by weight. */
function priceOf(
  parts: readonly { readonly made: Made | null; readonly weightKg: number }[],
  { mountingPrice, mountingPricePerKg }: HouseRules,
): number {
  const drawn = parts.filter(({ made }) => made === null);
  const bought = parts.reduce((sum, { made }) => sum + (made?.price ?? 0), 0);
  if (drawn.length === 0) return bought;
  const kg = drawn.reduce((sum, { weightKg }) => sum + weightKg, 0);
  return bought + Math.round(mountingPrice + mountingPricePerKg * kg);
}

/**
 * Parts between a valve and an actuator that do not fit directly.
 *
 * @param stem end of the stem, mm
 * @param bore of the drive, mm
 * @param pads pad of the valve, flange of the drive, height wanted, mm
 * @param hung load on the bracket, N and mm
 * @param peakNm torque to carry, N·m
 * @param house stresses, engagement, prices of parts made to order
 * @param stock brackets and couplings in series, the cheapest first
 * @returns the cheapest pair that carries the peak, each part in series or drawn for the two; the cheapest pair where
 *   none does
 */
export function between(
  stem: StemEnd,
  bore: DriveEnd,
  pads: { readonly lower: Pad; readonly upper: Pad; readonly leastHeightMm: number },
  hung: Hung,
  peakNm: number,
  house: HouseRules,
  stock: Stock,
): Between {
  const { brackets, couplings } = stock;
  const standing = (coupling: Coupling): Between[] => {
    const shoulderMm = coupling.socketDepthMm + coupling.solidMm;
    const bracket =
      stockBracket(pads, coupling, hung, peakNm, brackets, house) ??
      bracketFor(
        { ...pads, leastHeightMm: Math.max(shoulderMm, pads.leastHeightMm), turningMm: coupling.outsideMm },
        hung,
        peakNm,
        house,
      );
    // A standard coupling has a fixed length: under a higher bracket it does not reach the actuator.
    const reaches = coupling.made === null ? reaching(coupling, bracket.heightMm) : coupling;
    const engagedMm = reaches.end.heightMm - (bracket.heightMm - reaches.socketDepthMm - reaches.solidMm);
    if (reaches.made !== null && engagedMm < house.engagementShare * reaches.end.acrossMm) return [];
    return [{ bracket, coupling: reaches, price: priceOf([bracket, reaches], house) }];
  };
  const pairs = [
    ...stockCouplings(stem, bore, peakNm, couplings, house.engagementShare),
    couplingFor(stem, bore, peakNm, house),
  ].flatMap(standing);
  const carries = ({ bracket, coupling }: Between) =>
    Math.min(bracket.carriesNm, coupling.carriesNm) >= peakNm;
  const enough = pairs.filter(carries);
  return (enough.length > 0 ? enough : pairs).reduce((best, joined) =>
    joined.price < best.price ? joined : best,
  );
}

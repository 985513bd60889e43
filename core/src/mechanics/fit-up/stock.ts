import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Pad } from "../../basis/reference/pads.ts";
import type { DriveEnd, StemEnd } from "../../construction/ends/forms.ts";
import { throughMm } from "../../construction/ends/strength.ts";
import type { StockBracket, StockCoupling } from "../../equipment/accessories/stock.ts";
import { type Bracket, type Hung, legsCarry } from "./bracket.ts";
import type { Coupling } from "./coupling.ts";
import { takesEnd } from "./joint.ts";

/** Widths that count as equal for machining, mm. */
const alike = 0.05;

/**
 * Couplings in series for a stem and a bore.
 *
 * @param stem end of the stem, mm
 * @param bore of the drive, mm
 * @param peakNm torque to transmit, N·m
 * @param couplings in series, the cheapest first
 * @param engagementShare least engagement as a share of the width across flats
 * @returns those that fit, the cheapest first; each sits on the end of the stem, however deep its socket is
 */
export function stockCouplings(
  stem: StemEnd,
  bore: DriveEnd,
  peakNm: number,
  couplings: readonly StockCoupling[],
  engagementShare: number,
): Coupling[] {
  const fits = couplings.filter(
    (coupling) =>
      coupling.socketForm === stem.form &&
      Math.abs(coupling.socketAcrossMm - stem.acrossMm) <= alike &&
      coupling.socketDepthMm >= stem.heightMm &&
      coupling.ratedTorqueNm >= peakNm &&
      takesEnd(bore.form, coupling.endForm) &&
      (bore.form === "blank insert"
        ? throughMm(coupling.endForm, coupling.endAcrossMm) <= bore.acrossMm
        : Math.abs(coupling.endAcrossMm - bore.acrossMm) <= alike) &&
      coupling.endLengthMm <= bore.depthMm &&
      coupling.endLengthMm >= engagementShare * coupling.endAcrossMm,
  );
  return fits.map((found) => ({
    socket: stem,
    socketDepthMm: stem.heightMm,
    end: {
      form: found.endForm,
      acrossMm: found.endAcrossMm,
      heightMm: found.endLengthMm,
      flats: stem.flats,
      keys: null,
    },
    outsideMm: found.outsideMm,
    lengthMm: stem.heightMm + found.solidMm + found.endLengthMm,
    solidMm: found.solidMm,
    weightKg: found.weightKg,
    carriesNm: found.ratedTorqueNm,
    weakest: "maker's rating",
    made: { maker: found.maker, item: found.item, price: found.price },
  }));
}

/**
 * The cheapest bracket in series for two flanges and a coupling.
 *
 * @param between pad of the valve, flange of the drive, height wanted, mm
 * @param coupling that turns in it
 * @param hung load on the bracket, N and mm
 * @param peakNm torque about the stem, N·m
 * @param brackets in series, the cheapest first
 * @param house yield strength of its steel, usable share, engagement
 * @returns the bracket; null where none does. As high as may be, its coupling still engages in the drive
 * @source the maker's rating, and never more than the statics of its legs with the weight on them
 */
export function stockBracket(
  between: { readonly lower: Pad; readonly upper: Pad; readonly leastHeightMm: number },
  coupling: Coupling,
  hung: Hung,
  peakNm: number,
  brackets: readonly StockBracket[],
  house: HouseRules,
): Bracket | null {
  const { lower, upper, leastHeightMm } = between;
  const shoulderMm = coupling.socketDepthMm + coupling.solidMm;
  const engages = house.engagementShare * coupling.end.acrossMm;
  for (const bracket of brackets) {
    if (bracket.lowerFlange !== lower.flange || bracket.upperFlange !== upper.flange) continue;
    if (bracket.heightMm < Math.max(leastHeightMm, shoulderMm)) continue;
    // A part made to order is as long as needed.
    if (coupling.made !== null && coupling.end.heightMm - (bracket.heightMm - shoulderMm) < engages) continue;
    if (bracket.middleMm < coupling.outsideMm + 2) continue;
    const { legMm, plateWidthMm, heightMm } = bracket;
    const statics = legsCarry({ legMm, plateWidthMm, heightMm }, hung, house);
    const carriesNm = Math.min(bracket.ratedTorqueNm, statics);
    if (carriesNm < peakNm) continue;
    return {
      lower,
      upper,
      heightMm,
      plateWidthMm,
      plateMm: bracket.plateMm,
      legMm,
      lowerHoleMm: bracket.middleMm,
      upperHoleMm: bracket.middleMm,
      weightKg: bracket.weightKg,
      carriesNm,
      made: { maker: bracket.maker, item: bracket.item, price: bracket.price },
    };
  }
  return null;
}

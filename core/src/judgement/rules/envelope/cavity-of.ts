import { type CavityRise, cavityRise } from "../../../basis/calc/cavity-rise.ts";
import { seatRelief } from "../../../basis/calc/seat-relief.ts";
import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { valueOnCurve } from "../../../basis/reference/curve.ts";
import { metalLimits } from "../../../basis/reference/metals.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Expanding } from "../../../duty/settling/shut-in.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";

/** A body of usual wall swells by about this share a bar: an estimate, small beside the liquid's own. */
const bodyCompliancePerBar = 0.00001;

/** More than any liquid expands and less than any yields: a liquid of unknown figures counts as these. */
const largestExpansionPerK = 0.1;
const leastCompressibilityPerBar = 0.00001;
const expansionMissing = "substance, or thermal expansion and compressibility of the liquid";

/** A cavity shut in cold and warmed, as the rule sees it. */
export interface TrappedCavity extends CavityRise {
  readonly from: SettledCase;
  readonly startC: number;
  readonly condensed: boolean;
  readonly endTemperatureC: number;
  readonly endName: string;
  readonly linePressureBarG: number;
  readonly reliefBarAboveLine: number | null;
  readonly liquid: Expanding;
  /** False where no figure of expansion is known: the pressure is that of the relief. */
  readonly expansionKnown: boolean;
  /** The values another shut case lacks, which could make it the worst. */
  readonly unknown: string | null;
}

/** Pressure above the line at which a seat relieves the cavity; null where none does. */
function reliefOf(valve: Valve, piped: boolean): number | null {
  if (piped) return 0;
  const { relievesTo, id } = valve.cavity;
  if (id === "upstream hole") return 0;
  if (relievesTo !== "lower side" && relievesTo !== "upstream") return null;
  const { seatSealDiameterMm, seatContactDiameterMm, sealDragN, seatLoadN } = valve.size.geometry;
  if (seatSealDiameterMm === null) return null;
  return seatRelief({
    springLoadN: seatLoadN[valve.seat.material.id]!,
    seatSealDiameterMm,
    seatContactDiameterMm,
    sealDragN,
  }).reliefBar;
}

/**
 * Pressure the cavity relieves to. A far side that is not stated counts as line pressure, because a lower one would
 * flatter.
 */
function reliefSideBarG(valve: Valve, piped: boolean, from: SettledCase): number {
  const line = from.pressureBarG!;
  if (from.downstreamOrigin === "assumed") return line;
  const upstream = from.upstreamBarG ?? line;
  return piped || valve.cavity.relievesTo === "upstream" ? upstream : Math.min(upstream, from.downstreamBarG);
}

/**
 * The worst pressure of a trapped cavity: filled with liquid in a shut case, or with condensate while the line idles,
 * and warmed to the hottest shut case or to an idle line in the sun.
 *
 * @param valve a valve that holds a cavity
 * @param duty settled duty
 * @param house limit factor and the sun's share
 * @returns the rise with both ends; a cavity that relieves needs no figure of expansion; or the missing value; or null where nothing is trapped (gas, no shut case)
 * @source cavity-rise and seat-relief of the calculation contract; body compliance is an estimate
 */
export function cavityOf(
  valve: Valve,
  duty: SettledDuty,
  house: HouseRules,
): TrappedCavity | { readonly missing: string } | null {
  // The cavity of a three-way ball is always open to one of its ports.
  if (valve.construction.ways === 3 && valve.cavity.relievesTo === "while open only") return null;
  const cause = duty.shutIn;
  if (cause === null || !("fillings" in cause)) return cause;
  const { end } = cause;
  const top = valve.ratingCurve.temperatureC.at(-1)!;
  const piped = duty.stated.cavityRelief ?? false;
  const reliefBarAboveLine = reliefOf(valve, piped);
  const bodyLinearExpansionPerK =
    (valve.grade.metal && metalLimits(valve.grade.metal)?.expansionPerK) || 0.000012;
  let worst: TrappedCavity | null = null;
  let unknown = cause.missing;
  for (const { from, liquid, startC, condensed } of cause.fillings) {
    const { expansionPerK, compressibilityPerBar } = liquid;
    const expansionKnown = expansionPerK !== null && compressibilityPerBar !== null;
    if (!expansionKnown && reliefBarAboveLine === null) {
      unknown ??= expansionMissing;
      continue;
    }
    const endTemperatureC = Math.max(end.c, startC, from.temperatureC ?? startC);
    const linePressureBarG = reliefSideBarG(valve, piped, from);
    const rise = cavityRise({
      startPressureBarG: from.pressureBarG!,
      startTemperatureC: startC,
      endTemperatureC,
      fluidExpansionPerK: expansionPerK ?? largestExpansionPerK,
      fluidCompressibilityPerBar: compressibilityPerBar ?? leastCompressibilityPerBar,
      bodyLinearExpansionPerK,
      bodyCompliancePerBar,
      linePressureBarG,
      ratingAtEndBarG: endTemperatureC > top ? 0 : valueOnCurve(valve.ratingCurve, endTemperatureC),
      limitFactor: house.cavityLimit === "1.33 × rating" ? 1.33 : 1,
      reliefBarAboveLine,
    });
    // A cavity starts no higher than the line that filled it, so relief below that is relief at it.
    const peakBarG = Math.max(rise.peakBarG, Math.min(from.pressureBarG!, rise.unrelievedBarG));
    if (worst !== null && peakBarG - rise.limitBarG <= worst.peakBarG - worst.limitBarG) continue;
    // Written out, not spread: asked of every body and seat.
    worst = {
      unrelievedBarG: rise.unrelievedBarG,
      limitBarG: rise.limitBarG,
      relieves: rise.relieves,
      acceptable: rise.acceptable,
      peakBarG,
      from,
      startC,
      condensed,
      endTemperatureC,
      endName: endTemperatureC > end.c ? from.name : end.name,
      linePressureBarG,
      reliefBarAboveLine,
      liquid,
      expansionKnown,
      unknown: null,
    };
  }
  if (worst === null) return unknown === null ? null : { missing: unknown };
  return { ...worst, unknown };
}

import { type CavityRise, cavityRise } from "../../calc/cavity-rise.ts";
import { seatRelief } from "../../calc/seat-relief.ts";
import type { Valve } from "../../catalogue/valve.ts";
import type { SettledCase, SettledDuty } from "../../duty/settle.ts";
import type { HouseRules } from "../../house/house-rules.ts";
import { valueOnCurve } from "../../reference/curve.ts";
import type { Fluid } from "../../reference/fluids.ts";
import { metalLimits } from "../../reference/metals.ts";

/** A body of usual wall swells by about this share a bar: an estimate, small beside the liquid's own. */
const bodyCompliancePerBar = 0.00001;

/** A cavity shut in cold and warmed, as the rule and the drawing see it. */
export interface TrappedCavity extends CavityRise {
  readonly from: SettledCase;
  readonly endTemperatureC: number;
  readonly endName: string;
  readonly linePressureBarG: number;
  readonly reliefBarAboveLine: number | null;
  readonly fluid: Fluid;
}

/** Pressure above the line at which a seat lets cavity pressure out; null where none does. */
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
 * The worst a trapped cavity of a valve sees in a duty: shut in at the coldest shut case, warmed to the
 * hottest shut case or to an idle line in the sun.
 *
 * @param valve a valve that holds a cavity
 * @param duty settled duty
 * @param house limit factor and the sun's share
 * @returns the rise with its ends; or what is missing; or null where nothing is trapped (gas, no shut case)
 * @source cavity-rise and seat-relief of the calculation contract; body compliance is an estimate
 */
export function cavityOf(
  valve: Valve,
  duty: SettledDuty,
  house: HouseRules,
): TrappedCavity | { readonly missing: string } | null {
  // Little is left in a filled cavity, and a three-way ball's is always open to one of its ports.
  if (!valve.cavity.deadSpace) return null;
  if (valve.construction.ways === 3 && valve.cavity.relievesTo === "while open only") return null;
  const cause = duty.shutIn;
  if (cause === null || "missing" in cause) return cause;
  const { from, fluid, end } = cause;
  const endTemperatureC = Math.max(end.c, from.temperatureC!);
  const top = valve.ratingCurve.temperatureC.at(-1)!;
  // The seat relieves to the side it faces; the lower side may be vented.
  const linePressureBarG =
    valve.cavity.relievesTo === "upstream" || duty.stated.cavityRelief
      ? (from.upstreamBarG ?? 0)
      : Math.min(from.upstreamBarG ?? 0, from.downstreamBarG);
  const reliefBarAboveLine = reliefOf(valve, duty.stated.cavityRelief ?? false);
  const rise = cavityRise({
    startPressureBarG: from.pressureBarG!,
    startTemperatureC: from.temperatureC!,
    endTemperatureC,
    fluidExpansionPerK: fluid.expansionPerK!,
    fluidCompressibilityPerBar: fluid.compressibilityPerBar!,
    bodyLinearExpansionPerK: (valve.grade.metal && metalLimits(valve.grade.metal)?.expansionPerK) || 0.000012,
    bodyCompliancePerBar,
    linePressureBarG,
    ratingAtEndBarG: endTemperatureC > top ? 0 : valueOnCurve(valve.ratingCurve, endTemperatureC),
    limitFactor: house.cavityLimit === "1.33 × rating" ? 1.33 : 1,
    reliefBarAboveLine,
  });
  // Written out, not spread: asked of every body and seat.
  return {
    unrelievedBarG: rise.unrelievedBarG,
    limitBarG: rise.limitBarG,
    relieves: rise.relieves,
    acceptable: rise.acceptable,
    // A cavity starts no higher than the line that filled it, so relief below that is relief at it.
    peakBarG: Math.max(rise.peakBarG, Math.min(from.pressureBarG!, rise.unrelievedBarG)),
    from,
    endTemperatureC,
    endName: end.name,
    linePressureBarG,
    reliefBarAboveLine,
    fluid,
  };
}

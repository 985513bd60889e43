import { leakAllowance } from "../../basis/calc/leak-allowance.ts";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { ShutOff } from "../../duty/fields/words.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { flowOf } from "../flow/picked.ts";

/** Allowed leakage of a shut valve in the test of a rate or a class, ml/min. */
export interface Allowance {
  readonly asked: ShutOff;
  /** Null where the class is not tested with it. */
  readonly liquidMlMin: number | null;
  readonly gasMlMin: number | null;
}

/** Differential classes II, III, IV and VI are tested at, unless the valve sees less. */
const testBar = 3.5;

/** Differential of the duty that the class's test follows, bar. */
function greatestBar({ cases }: SettledDuty): number {
  const stated = cases.flatMap(({ differentialBar }) => (differentialBar ? [differentialBar] : []));
  return stated.length === 0 ? testBar : Math.max(...stated);
}

/**
 * Whether a promise is a class of IEC 60534-4 and not a rate of ISO 5208.
 *
 * @param promise rate or class
 * @returns true for a class
 * @source IEC 60534-4
 * @example isClass("class IV") // → true
 */
export const isClass = (promise: ShutOff): boolean => promise.startsWith("class ");

/**
 * Allowed leakage of a valve by a rate or a class.
 *
 * @param promise rate of ISO 5208, or class of IEC 60534-4
 * @param valve size, seat contact circle, trims
 * @param duty settled duty: class V is tested at its greatest differential
 * @param house rules for selecting the trim
 * @returns ml/min of liquid and of gas; a class is tested with one of them
 * @source `leak-allowance` (indicative): classes II to IV of the water the trim passes wide open at 3.5 bar or the duty's
 *   greatest differential, whichever is less; VI of gas at the same; V of water at the duty's greatest
 */
export function allowanceOf(promise: ShutOff, valve: Valve, duty: SettledDuty, house: HouseRules): Allowance {
  const { dn } = valve.size;
  if (!isClass(promise)) {
    const rateOf = (medium: "liquid" | "gas") =>
      leakAllowance({ standard: "ISO 5208", rate: promise as "A", medium, dn }).mlPerMin;
    return { asked: promise, liquidMlMin: rateOf("liquid"), gasMlMin: rateOf("gas") };
  }
  const differentialBar = Math.min(testBar, greatestBar(duty));
  const standard = "IEC 60534-4";
  if (promise === "class VI") {
    const gasMlMin = classSix(dn, differentialBar);
    return { asked: promise, liquidMlMin: null, gasMlMin };
  }
  if (promise === "class V") {
    const liquidMlMin = leakAllowance({
      standard,
      class: "V",
      seatDiameterMm: valve.size.geometry.seatContactDiameterMm,
      differentialBar: greatestBar(duty),
    }).mlPerMin;
    return { asked: promise, liquidMlMin, gasMlMin: null };
  }
  const ratedFlowM3h = flowOf(valve, duty, house).trim.kv * Math.sqrt(differentialBar);
  const named = promise.slice("class ".length) as "II" | "III" | "IV";
  const liquidMlMin = leakAllowance({ standard, class: named, ratedFlowM3h, differentialBar }).mlPerMin;
  return { asked: promise, liquidMlMin, gasMlMin: null };
}

/** Beyond the sizes class VI lists there is no allowance. */
function classSix(dn: number, differentialBar: number): number | null {
  try {
    return leakAllowance({ standard: "IEC 60534-4", class: "VI", dn, differentialBar }).mlPerMin;
  } catch {
    return null;
  }
}

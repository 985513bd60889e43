import { type ShutOff, shutOffClasses, shutOffRates } from "../../duty/fields/words.ts";
import { type Allowance, isClass } from "./allowance.ts";

/** How a promise stands to what is asked. */
export type Promised = "as tight" | "looser" | "tighter by another test" | "not comparable";

/**
 * Sets what a maker promises against what is asked.
 *
 * @param asked what the duty asks, with what it allows
 * @param promised what the maker promises, with what it allows
 * @returns within one standard its order decides; between two the allowances do, but only against it: a rate of ISO 5208
 *   is tested at more than the rated pressure, a class at 3.5 bar, so that a class never proves a rate
 * @source ISO 5208, IEC 60534-4 (indicative)
 */
export function comparePromise(asked: Allowance, promised: Allowance): Promised {
  const [a, p] = [asked.asked, promised.asked];
  if (isClass(a) === isClass(p)) return orderOf(p) >= orderOf(a) ? "as tight" : "looser";
  const medium = asked.liquidMlMin !== null && promised.liquidMlMin !== null ? "liquidMlMin" : "gasMlMin";
  const [may, does] = [asked[medium], promised[medium]];
  if (may === null || does === null) return "not comparable";
  if (does > may) return "looser";
  return isClass(a) ? "tighter by another test" : "not comparable";
}

/** Rising with tightness, within one standard. */
const orderOf = (promise: ShutOff): number =>
  isClass(promise)
    ? (shutOffClasses as readonly string[]).indexOf(promise)
    : -(shutOffRates as readonly string[]).indexOf(promise);

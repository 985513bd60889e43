import { type ShutOff, shutOffClasses, shutOffRates } from "../../duty/fields/words.ts";
import { type Allowance, isClass } from "./allowance.ts";

/** Relation of a promise to the demand. */
export type Promised = "as tight" | "looser" | "tighter by another test" | "not comparable";

/**
 * Compares a maker's shut-off promise with the demand.
 *
 * @param asked the duty's demand, with its allowance
 * @param promised the maker's promise, with its allowance
 * @returns within one standard the order decides; between two standards the allowances can only rule it out: a rate of
 *   ISO 5208 is tested above the rated pressure, a class at 3.5 bar, so a class never proves a rate
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

/** Rising tightness within one standard. */
const orderOf = (promise: ShutOff): number =>
  isClass(promise)
    ? (shutOffClasses as readonly string[]).indexOf(promise)
    : -(shutOffRates as readonly string[]).indexOf(promise);

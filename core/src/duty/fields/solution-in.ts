import { solutionOfFamily } from "../../basis/reference/families.ts";
import { fluidNamed } from "../../basis/reference/fluids.ts";
import type { DutySeen } from "./seen.ts";

/** A fluid of the table of corrosion, and the service family it stands for. */
export interface NamedSolution {
  readonly solution: string;
  readonly family: string;
  /** Strength that the name of the substance stands for, percent by weight. */
  readonly namedPercent: number | null;
}

/**
 * The acid, alkali, bleach or acid gas that a stated fluid is.
 *
 * @param fluid as stated
 * @returns that of the substance, else that of the family; null where the table of corrosion has none
 * @source reference/fluids.csv, reference/service-families.csv
 * @example solutionIn({ family: null, substance: "caustic-50" }).namedPercent // → 50
 */
export function solutionIn({
  family,
  substance,
}: Pick<DutySeen["fluid"], "family" | "substance">): NamedSolution | null {
  const fluid = substance === null ? undefined : fluidNamed(substance);
  if (fluid?.solution)
    return { solution: fluid.solution, family: fluid.family, namedPercent: fluid.strengthPercent };
  const solution = family === null ? null : solutionOfFamily(family);
  return solution === null ? null : { solution, family: family!, namedPercent: null };
}

import { dependsOnMoisture, dependsOnStrength } from "../../basis/reference/corrosion.ts";
import { solutionIn } from "../fields/solution-in.ts";
import type { Duty } from "../statement/duty.ts";

/** A strength that counts, percent by weight. */
export interface Strength {
  readonly percent: number;
  readonly from: "entered" | "reference";
}

/** The acid, alkali, bleach or acid gas of a duty, as the table of corrosion is asked about it. */
export interface Solution {
  readonly name: string;
  /** Service family that the table's figures stand in for. */
  readonly family: string;
  /** Strengths that count, each once: the stated one and the one its name stands for. Empty where none is known. */
  readonly strengths: readonly Strength[];
  readonly dependsOnStrength: boolean;
  readonly dependsOnMoisture: boolean;
  /** Null where free water is not stated: both apply. */
  readonly wet: boolean | null;
}

function strengthsOf(entered: number | null, named: number | null): Strength[] {
  const strengths: Strength[] = entered === null ? [] : [{ percent: entered, from: "entered" }];
  if (named !== null && named !== entered) strengths.push({ percent: named, from: "reference" });
  return strengths;
}

/**
 * The solution of a duty.
 *
 * @param duty its substance, family, strength and free water
 * @returns the solution with every strength that counts; null where it is none
 * @source reference/fluids.csv
 */
export function solutionOf({ fluid }: Duty): Solution | null {
  const named = solutionIn(fluid);
  if (named === null) return null;
  const { solution, family, namedPercent } = named;
  return {
    name: solution,
    family,
    strengths: strengthsOf(fluid.strengthPercent, namedPercent),
    dependsOnStrength: dependsOnStrength(solution),
    dependsOnMoisture: dependsOnMoisture(solution),
    wet: fluid.freeWater,
  };
}

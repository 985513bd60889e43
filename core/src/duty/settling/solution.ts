import { dependsOnMoisture, dependsOnStrength } from "../../basis/reference/corrosion.ts";
import { solutionIn } from "../fields/solution-in.ts";
import type { Duty } from "../statement/duty.ts";

/** The acid, alkali, bleach or acid gas of a duty, as the table of corrosion is asked about it. */
export interface Solution {
  readonly name: string;
  /** Service family that the table's figures stand in for. */
  readonly family: string;
  /** Strength in use, percent by weight; null where neither duty nor substance states one. */
  readonly percent: number | null;
  /** Strength the name of the substance stands for; null where it names none. */
  readonly namedPercent: number | null;
  readonly percentFrom: "entered" | "reference" | "assumed";
  readonly dependsOnStrength: boolean;
  readonly dependsOnMoisture: boolean;
  /** Null where free water is not stated: both apply. */
  readonly wet: boolean | null;
}

/**
 * The solution of a duty.
 *
 * @param duty its substance, family, strength and free water
 * @returns the solution with the strength stated, else the one its name stands for; null where it is none
 * @source reference/fluids.csv
 */
export function solutionOf({ fluid }: Duty): Solution | null {
  const named = solutionIn(fluid);
  if (named === null) return null;
  const { solution, family, namedPercent } = named;
  return {
    name: solution,
    family,
    percent: fluid.strengthPercent ?? namedPercent,
    namedPercent,
    percentFrom: fluid.strengthPercent !== null ? "entered" : namedPercent !== null ? "reference" : "assumed",
    dependsOnStrength: dependsOnStrength(solution),
    dependsOnMoisture: dependsOnMoisture(solution),
    wet: fluid.freeWater,
  };
}

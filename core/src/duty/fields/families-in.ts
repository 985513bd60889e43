import { fluidNamed } from "../../basis/reference/fluids.ts";
import type { DutySeen } from "./seen.ts";

/**
 * Service families of a stated fluid: the one that is entered, and the one of its substance.
 *
 * @param fluid as stated
 * @returns both where they differ, because a contradiction must not hide either; none where neither is stated
 * @source reference/fluids.csv
 * @example familiesIn({ family: "aromatics", substance: "acetone" }) // → ["aromatics", "ketones and esters"]
 */
export function familiesIn({ family, substance }: Pick<DutySeen["fluid"], "family" | "substance">): string[] {
  const ofSubstance = substance === null ? undefined : fluidNamed(substance)?.family;
  return [...new Set([family, ofSubstance])].filter((name): name is string => !!name);
}

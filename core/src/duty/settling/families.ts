import type { Fluid } from "../../basis/reference/fluids.ts";
import { familiesIn } from "../fields/families-in.ts";
import { isPassing } from "../statement/case-kinds.ts";
import type { Duty } from "../statement/duty.ts";
import { componentsOf } from "./mixed.ts";

const water = new Set(["water", "hot water above 90 C", "steam"]);
/** Families that are water with something in it: soft goods meet hot water in them. */
const watery = new Set([...water, "seawater and brine", "amine solution", "caustic"]);

/** A small share of it in another gas does not make this family; its partial pressure is judged instead. */
const denseCarbonDioxide = "carbon dioxide dense phase";
const mostly = 0.5;

const hotWater = "hot water above 90 C";
const hotFromC = 90;
const steamFromC = 100;

/**
 * Whether a duty's fluid is water, under any name.
 *
 * @param duty its family
 * @param substance fluid of the table, if selected
 * @returns true for water, hot water and steam
 * @source the table of fluids
 */
export function isWater({ fluid }: Duty, substance: Fluid | null): boolean {
  return water.has(fluid.family ?? "") || water.has(substance?.family ?? "");
}

/**
 * Service families in which seats and seals are judged. Hot water counts as another fluid, and as steam where it leaks
 * above 100 °C.
 *
 * @param duty its family and cases
 * @param substance fluid of the table, if selected
 * @returns families of the fluid, and hot water and steam where a case is warm enough; none where neither family nor
 *   substance is stated
 * @source hydrolysis and steam washing of soft goods (practice)
 */
export function softFamiliesOf(duty: Duty, substance: Fluid | null): readonly string[] {
  const families = new Set(familiesIn(duty.fluid));
  if (families.size === 0) return [];
  const reaches = (c: number) =>
    duty.cases.some(
      (operatingCase) =>
        !isPassing(operatingCase.kind) &&
        operatingCase.temperatureC !== null &&
        operatingCase.temperatureC > c,
    );
  if ([...families].some((family) => watery.has(family)) && reaches(hotFromC)) families.add(hotWater);
  const steams = duty.cases.some(
    (operatingCase) => operatingCase.phase === "steam" && !isPassing(operatingCase.kind),
  );
  if (steams || duty.fluid.phase === "steam" || (isWater(duty, substance) && reaches(steamFromC)))
    families.add("steam");
  return [...families];
}

/**
 * Service families metals are judged in.
 *
 * @param duty its family and cases
 * @param substance fluid of the table, if selected
 * @returns families of the fluid, with hot water and steam where it is warm enough water
 * @source the table of fluids
 */
export function metalFamiliesOf(duty: Duty, substance: Fluid | null): readonly string[] {
  return isWater(duty, substance) ? softFamiliesOf(duty, substance) : familiesIn(duty.fluid);
}

/**
 * Families including those of a mixture's components: a material attacked by one component is attacked.
 *
 * @param families of the duty
 * @param duty its composition
 * @returns the families and those of every component
 * @example withComponents(["water"], emptyDuty) // → ["water"]
 */
export function withComponents(families: readonly string[], duty: Duty): readonly string[] {
  const components = componentsOf(duty);
  if (components.length === 0) return families;
  const names = components.flatMap(({ fluid, share }) =>
    fluid.family === denseCarbonDioxide && share < mostly ? [] : [fluid.family],
  );
  return [...new Set([...families, ...names])];
}

import { type Fluid, fluidNamed, fluids } from "./fluids.ts";
import { records } from "./table.ts";
import { serviceFamilies as table } from "./tables/service-families.ts";

interface Family {
  readonly hazards: readonly string[];
  /** The fluid, where the family is a single one; null where it holds several. */
  readonly fluid: Fluid | null;
  /** Its name in the table of corrosion, where all its fluids are one solution. */
  readonly solution: string | null;
}

const families = new Map<string, Family>(
  records<{
    service_family: string;
    hazards: string | null;
    fluid: string | null;
    solution: string | null;
  }>(table).map((row) => [
    row.service_family,
    {
      hazards: row.hazards?.split(";") ?? [],
      fluid: row.fluid === null ? null : fluidNamed(row.fluid)!,
      solution: row.solution,
    },
  ]),
);

const familyNamed = (family: string | null) => (family === null ? undefined : families.get(family));

/**
 * Hazards every fluid of a service family has.
 *
 * @param family service family, null where none is stated
 * @returns hazards; none of a family that is not listed
 * @source reference/service-families.csv
 * @example hazardsOfFamily("chlorine") // → ["toxic","lethal"]
 */
export function hazardsOfFamily(family: string | null): readonly string[] {
  return familyNamed(family)?.hazards ?? [];
}

/**
 * The fluid a service family is the name of.
 *
 * @param family service family, null where none is stated
 * @returns the fluid; null of a family that holds several
 * @source reference/service-families.csv
 * @example fluidOfFamily("chlorine").id // → "chlorine"
 */
export function fluidOfFamily(family: string | null): Fluid | null {
  return familyNamed(family)?.fluid ?? null;
}

/**
 * The solution a service family is the name of.
 *
 * @param family service family
 * @returns its name in the table of corrosion; null of a family that holds several
 * @source reference/service-families.csv
 * @example solutionOfFamily("caustic") // → "caustic soda"
 */
export function solutionOfFamily(family: string): string | null {
  return familyNamed(family)?.solution ?? null;
}

/**
 * Pure fluids of a service family that are liquid in use.
 *
 * @param family service family, null where none is stated
 * @returns those of the table of fluids
 * @source reference/fluids.csv
 * @example liquidsOfFamily("alcohols").length // → 2
 */
export function liquidsOfFamily(family: string | null): readonly Fluid[] {
  return fluids.filter((fluid) => fluid.family === family && fluid.kind === "pure" && fluid.phase !== "gas");
}

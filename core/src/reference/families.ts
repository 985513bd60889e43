import { records } from "./table.ts";
import { serviceFamilies as table } from "./tables/service-families.ts";

const hazardsOf = new Map(
  records<{ service_family: string; hazards: string | null }>(table).map(
    (row) => [row.service_family, row.hazards?.split(";") ?? []] as const,
  ),
);

/**
 * Hazards every fluid of a service family has.
 *
 * @param family service family, null where none is stated
 * @returns hazards; none of a family that is not listed
 * @source reference/service-families.csv
 * @example hazardsOfFamily("chlorine") // → ["toxic","lethal"]
 */
export function hazardsOfFamily(family: string | null): readonly string[] {
  return (family === null ? undefined : hazardsOf.get(family)) ?? [];
}

import type { CatalogueFault } from "./fault.ts";
import type { Catalogue, ProductLine } from "./schema.ts";

/** Most candidates of a duty: thirty times those of a shelf with twenty lines, proved in two seconds. */
export const mostCandidates = 400_000;

/** Valves a line can build at the size where it can build most. */
function mostValves({ sizes, grades, cavities, trims, seats, seals }: ProductLine): number {
  const designations = new Map<number, number>();
  for (const { dn } of sizes) designations.set(dn, (designations.get(dn) ?? 0) + 1);
  const each = grades.length * cavities.length * trims.length * seats.length * seals.length;
  return Math.max(0, ...designations.values()) * each;
}

/**
 * Offers of a catalogue that are too many to prove: a few lists multiply to millions of valves.
 *
 * @param catalogue each of its lines and drives checked
 * @returns a fault at the line that offers most, or none
 * @source mostCandidates; every line is offered in its size nearest to the duty's, with each family of drives
 */
export function* offersTooMany({
  lines,
  drives,
}: Pick<Catalogue, "lines" | "drives">): Iterable<CatalogueFault> {
  const families = Math.max(1, drives.length);
  const counted = lines.map((line) => ({ line, valves: mostValves(line) }));
  const candidates = families * counted.reduce((sum, { valves }) => sum + valves, 0);
  if (candidates <= mostCandidates) return;
  const { line, valves } = counted.reduce((largest, offer) =>
    offer.valves > largest.valves ? offer : largest,
  );
  yield {
    file: `lines/${line.id}`,
    row: null,
    field: "grades",
    reason: `with ${families} actuator families the catalogue gives ${candidates} candidates of one size. At most ${mostCandidates} can be proved at once. This product line gives ${valves} valves: reduce its grades, trims, seats, seals or arrangements, or split it`,
  };
}

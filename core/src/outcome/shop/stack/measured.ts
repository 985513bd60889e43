import type { Measure } from "../step.ts";
import type { SeatChain } from "./chain.ts";

/** What the step says in which the links of a chain are measured: what was read is kept under these words. */
export const measuresStack =
  "Measure the parts that load the seat. Calculate the seat load under Seat stack.";

/**
 * What is measured of a chain.
 *
 * @param chain of a valve
 * @returns a measure for each link, mm; without limits, since its tolerances are an estimate
 * @example linkMeasures({ links: [], stiffnessNPerMm: 1, mostLoadN: 1 }) // → []
 */
export const linkMeasures = ({ links }: SeatChain): Measure[] =>
  links.map(({ name }) => ({ what: name, unit: "mm", least: null, most: null, source: "maker's drawing" }));

/** Of no link any more. */
const longestMm = 10_000;

/**
 * A chain with what was measured of it on a job.
 *
 * @param chain of a valve
 * @param readings by the names of its links, mm; one that is no length, or of a link it has not, is passed over
 * @returns the chain; a link nobody measured stays as it was
 * @example withMeasured({ links: [], stiffnessNPerMm: 1, mostLoadN: 1 }, []).links // → []
 */
export function withMeasured(
  chain: SeatChain,
  readings: readonly { readonly what: string; readonly value: number }[],
): SeatChain {
  const measured = new Map(readings.map(({ what, value }) => [what, value]));
  return {
    ...chain,
    links: chain.links.map((link) => {
      const mm = measured.get(link.name);
      return mm !== undefined && mm >= 0 && mm < longestMm ? { ...link, measuredMm: mm } : link;
    }),
  };
}

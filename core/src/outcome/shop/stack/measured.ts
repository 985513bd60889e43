import type { Measure } from "../step.ts";
import type { SeatChain } from "./chain.ts";

/** Words of the step in which the links of a chain are measured: readings are stored under them. */
export const measuresStack =
  "Measure the parts that load the seat. Calculate the seat load under Seat stack.";

/**
 * Measurements of a chain.
 *
 * @param chain of a valve
 * @returns a measure for each link, mm; without limits, since its tolerances are an estimate
 * @example linkMeasures({ links: [], stiffnessNPerMm: 1, mostLoadN: 1 }) // → []
 */
export const linkMeasures = ({ links }: SeatChain): Measure[] =>
  links.map(({ name }) => ({ what: name, unit: "mm", least: null, most: null, source: "maker's drawing" }));

/** Links that no longer exist. */
const longestMm = 10_000;

/**
 * A chain with the readings of a job.
 *
 * @param chain of a valve
 * @param readings by link name, mm; values that are no length, or belong to another chain, are ignored
 * @returns the chain; unmeasured links stay as they were
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

import { measuresStack, type SeatChain, withMeasured } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { when } from "../../parts/dates.ts";
import { useReadOnJobs } from "./job/read-on-jobs.ts";

const same = (a: SeatChain, b: SeatChain) =>
  a.links.every(({ measuredMm }, i) => measuredMm === b.links[i]?.measuredMm);

/** Takes the readings of a job into the chain, and removes them again. */
export function TakenFromJob({
  tagId,
  valve,
  chain,
  onChain,
}: {
  tagId: string;
  valve: string;
  chain: SeatChain;
  onChain: (chain: SeatChain) => void;
}) {
  const readings = useReadOnJobs(tagId, valve, measuresStack);
  /** Earlier values of the links that were replaced: the rest of the chain stays as edited. */
  const [before, setBefore] = useState<ReadonlyMap<string, number | null> | null>(null);
  if (readings === null) return null;
  const read = readings.filter(({ what }) => chain.links.some(({ name }) => name === what));
  const last = read.at(-1);
  if (last === undefined) return null;
  const seatChain = withMeasured(chain, read);
  const [fresh, count] = [!same(seatChain, chain), `${read.length} of ${chain.links.length} links`];
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span>
        On a job {count} were measured, last by {last.who}, {when(last.at)}.
      </span>
      {fresh ? (
        <button
          type="button"
          className="act min-h-11"
          onClick={() => {
            const names = new Set(read.map(({ what }) => what));
            const cached = chain.links.filter(({ name }) => names.has(name));
            setBefore(new Map(cached.map(({ name, measuredMm }) => [name, measuredMm])));
            onChain(seatChain);
          }}
        >
          Use these values
        </button>
      ) : (
        <span className="text-dim">These values are used in the chain.</span>
      )}
      {!fresh && before && (
        <button
          type="button"
          className="quiet min-h-11 px-2"
          onClick={() => {
            const links = chain.links.map((link) => {
              const measuredMm = before.get(link.name);
              return measuredMm === undefined ? link : { ...link, measuredMm };
            });
            onChain({ ...chain, links });
            setBefore(null);
          }}
        >
          restore the previous values
        </button>
      )}
    </p>
  );
}

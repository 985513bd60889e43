import type { Proving } from "@proven-seat/contract";
import { addressOf } from "@proven-seat/contract/addresses";
import { useEffect, useRef, useState } from "react";

interface Live {
  readonly provings: readonly Proving[];
  /** The connection is lost; it reconnects by itself. */
  readonly lost: boolean;
}
const nothing: Live = { provings: [], lost: false };

/** Provings of a project, live while the page shows them. */
export function useLiveProvings(project: string | undefined): Live {
  const [live, setLive] = useState<Live>(nothing);
  useEffect(() => {
    setLive(nothing);
    if (project === undefined) return;
    const events = new EventSource(addressOf("provingsLive", { id: project }));
    events.onmessage = ({ data }) => setLive({ provings: JSON.parse(data), lost: false });
    events.onerror = () => setLive((previous) => ({ ...previous, lost: true }));
    return () => events.close();
  }, [project]);
  return live;
}

/** While a proving runs, results are read again no more often than this. */
const readAgainMs = 2500;

/** Reads results again as more arrive, not with every step, and completely when a proving has ended. */
export function useReadAsProved(provings: readonly Proving[], read: () => unknown): void {
  const done = provings.reduce((sum, proving) => sum + proving.done, 0);
  const underWay = provings.filter(({ state }) => state === "under way").length;
  const last = useRef({ done: 0, underWay: 0, at: 0 });
  useEffect(() => {
    const { current } = last;
    // The results of a proving that ended earlier are read already.
    const ended = underWay < current.underWay;
    const more = underWay > 0 && done > current.done && performance.now() - current.at > readAgainMs;
    current.underWay = underWay;
    if (!ended && !more) return;
    current.done = done;
    current.at = performance.now();
    read();
  }, [done, underWay, read]);
}

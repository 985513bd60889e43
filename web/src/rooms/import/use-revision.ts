import { useMemo, useState } from "react";
import type { ListInWork } from "./use-list.ts";

const none: readonly string[] = [];
const nothing: ReadonlySet<string> = new Set();

/** Changes of existing tags that the user accepts, and tags the user removes. */
export function useRevision({ loaded, comparison, tagRows }: ListInWork) {
  const changed = useMemo(
    () => comparison?.changed.filter(({ fault }) => fault === null).map(({ key }) => key) ?? none,
    [comparison],
  );
  // Declined changes stay declined when the list is compared again.
  const [declining, setDeclining] = useState({ of: loaded, keys: nothing });
  const declined = declining.of === loaded ? declining.keys : nothing;
  const accepted = useMemo(() => new Set(changed.filter((key) => !declined.has(key))), [changed, declined]);
  // A tag is removed only if the user selects it in this comparison.
  const [removing, setRemoving] = useState({ of: comparison, ids: nothing });
  const removed = removing.of === comparison ? removing.ids : nothing;
  const gone = useMemo(() => {
    const numbers = new Set(comparison?.gone);
    return (tagRows.data ?? []).filter(({ number }) => numbers.has(number));
  }, [comparison, tagRows.data]);
  return {
    accepted,
    accept: (keys: ReadonlySet<string>) =>
      setDeclining({ of: loaded, keys: new Set(changed.filter((key) => !keys.has(key))) }),
    /** Tags of the project that are not in the list. */
    gone,
    removed,
    remove: (ids: ReadonlySet<string>) => setRemoving({ of: comparison, ids }),
    /** New and changed tags that would be stored. */
    toStore: comparison ? comparison.fresh + accepted.size : 0,
  };
}

export type RevisionInWork = ReturnType<typeof useRevision>;

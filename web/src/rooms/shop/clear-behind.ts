import { useEffect } from "react";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { useBench } from "../../bench/bench-store.ts";
import { useOffline, worksOffline } from "../../offline/offline.ts";

/** Whether the open tag is a stored copy, or has changed since. */
function isBehind(tagId: string): boolean {
  const query = queryClient.getQueryCache().find<{ version: number }>({ queryKey: queryKeys.tag(tagId) });
  if (query === undefined) return false;
  const { version } = useBench.getState();
  return query.queryHash in useOffline.getState().answers || (query.state.data?.version ?? version) > version;
}

/**
 * Takes a tag off the bench with the last room that may show a stored copy: the bench reads it again, because
 * yesterday's duty would prove another valve. Unsaved edits are kept separately.
 */
export function useClearBehind(tagId: string): void {
  useEffect(
    () => () => {
      const behind = isBehind(tagId);
      queueMicrotask(() => {
        if (behind && !worksOffline(location.pathname) && useBench.getState().tagId === tagId)
          useBench.setState({ tagId: null, content: null });
      });
    },
    [tagId],
  );
}

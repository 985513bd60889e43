import { useEffect, useState } from "react";

/** A worker behind functions that answer later, until it is ended. */
export interface Work<Api> {
  readonly api: Api;
  readonly end: () => void;
}

/** A worker started when it is first asked, and again when it is asked after it was ended. */
function startedWhenAsked<Api>(start: () => Work<Api>) {
  let work: Work<Api> | null = null;
  return {
    api: (): Api => {
      work ??= start();
      return work.api;
    },
    end: () => {
      work?.end();
      work = null;
    },
  };
}

/** A room's own worker: it ends when the room is left. */
export function useRoomWorker<Api>(start: () => Work<Api>): () => Api {
  const [{ api, end }] = useState(() => startedWhenAsked(start));
  useEffect(() => end, [end]);
  return api;
}

import { useEffect, useState } from "react";

/** The functions of a running worker, and how to end it. */
export interface Work<Api> {
  readonly api: Api;
  readonly end: () => void;
}

/** Starts the worker on first use, and again if it is used after it was ended. */
function lazyWorker<Api>(start: () => Work<Api>) {
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

/** A worker that ends when the room is closed. */
export function useRoomWorker<Api>(start: () => Work<Api>): () => Api {
  const [{ api, end }] = useState(() => lazyWorker(start));
  useEffect(() => end, [end]);
  return api;
}

import type { Query } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call } from "../app/api.ts";
import { queryClient } from "../app/queries.ts";
import { keepAnswer } from "./answers.ts";
import { note, useOffline, worksOffline } from "./offline.ts";

/** How often the server is looked for while it is out of reach. */
const everyMs = 4000;

const isKept = ({ queryHash }: Query) => queryHash in useOffline.getState().answers;

/** Keeps what the page shows, and says when it does; what is shown of what was kept is not kept anew. */
function keeping(onKept: (kept: boolean) => void): () => void {
  const cache = queryClient.getQueryCache();
  const done = new WeakSet<object>();
  const keep = async (query: Query) => {
    const { data, dataUpdatedAt, status } = query.state;
    if (status !== "success" || !query.isActive() || isKept(query)) return;
    if (typeof data !== "object" || data === null || done.has(data)) return;
    done.add(data);
    try {
      await keepAnswer(query.queryHash, dataUpdatedAt, data);
      onKept(true);
    } catch {
      // A full or forbidden store: the page works on with a connection, and says so.
      done.delete(data);
      onKept(false);
    }
  };
  for (const query of cache.getAll()) void keep(query);
  return cache.subscribe(({ type, query }) => {
    if (type === "removed") note(query.queryHash, null);
    else void keep(query);
  });
}

/** The program itself: kept by a worker that answers in place of a server that does not. */
const keepProgram = async (): Promise<boolean> => {
  // A served build has it; without a secure address browsers offer none.
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return false;
  await navigator.serviceWorker.register("/away.js");
  await navigator.serviceWorker.ready;
  return true;
};

/**
 * A room that is worked in away from the server: what it shows is kept on this device, and asked for anew when the
 * server is in reach again.
 *
 * @returns whether this page opens without a connection; null while that is being seen to
 */
export function useOfflineRoom(): boolean | null {
  const [program, setProgram] = useState<boolean | null>(null);
  const [answers, setAnswers] = useState<boolean | null>(null);
  const offline = useOffline((s) => Object.keys(s.answers).length > 0);
  useEffect(() => {
    keepProgram().then(setProgram, () => setProgram(false));
    const end = keeping(setAnswers);
    return () => {
      end();
      // Elsewhere what was kept does not stand in for the server.
      queueMicrotask(() => {
        if (worksOffline(location.pathname)) return;
        void queryClient.resetQueries({ predicate: isKept });
        useOffline.setState({ answers: {} });
      });
    };
  }, []);
  useEffect(() => {
    if (!offline) return;
    const look = () =>
      call("projects")
        .then(() => queryClient.refetchQueries({ predicate: isKept }, { cancelRefetch: false }))
        .catch(() => undefined);
    const again = setInterval(look, everyMs);
    window.addEventListener("online", look);
    return () => {
      clearInterval(again);
      window.removeEventListener("online", look);
    };
  }, [offline]);
  return program === false || answers === false ? false : program && answers;
}

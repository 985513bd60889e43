import type { Query } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call } from "../app/api.ts";
import { queryClient } from "../app/queries.ts";
import { keepAnswer } from "./answers.ts";
import { note, useOffline, worksOffline } from "./offline.ts";

/** Interval for trying an unreachable server. */
const everyMs = 4000;

const isKept = ({ queryHash }: Query) => queryHash in useOffline.getState().answers;

/** Stores the data of the page and reports when it has; stored data that is shown is not stored again. */
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
      // A full or forbidden store: the page works with a connection only, and shows that.
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

/** The program itself, stored by a service worker that answers for an unreachable server. */
const keepProgram = async (): Promise<boolean> => {
  // A served build has it; browsers offer service workers on secure addresses only.
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return false;
  await navigator.serviceWorker.register("/away.js");
  await navigator.serviceWorker.ready;
  return true;
};

/**
 * Makes a room work offline: its data is stored on this device, and read again when the server can be reached.
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
      // Elsewhere stored data does not replace the server's.
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

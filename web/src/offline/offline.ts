import type { QueryPersister } from "@tanstack/react-query";
import { matchPath } from "react-router";
import { create } from "zustand";
import { ApiProblem, NoConnection } from "../app/api.ts";
import { rooms } from "../rooms/index.ts";
import type { KeptAnswer } from "./answers.ts";

interface Away {
  /** Answers on the page that are not from the server now, with their time, by question. */
  readonly answers: Readonly<Record<string, number>>;
}

/** Stored answers on this page, while the server cannot be reached. */
export const useOffline = create<Away>()(() => ({ answers: {} }));

/** How long a page with stored data waits for a silent server, ms. */
const patienceMs = 6000;

/** Whether a page is worked with where no server may be in reach. */
export const worksOffline = (pathname: string): boolean =>
  rooms.some(
    ({ offline, path, inProject }) =>
      offline && matchPath(inProject ? `/projects/:project${path}` : path, pathname) !== null,
  ) || rooms.some(({ offline, path }) => offline && matchPath(path, pathname) !== null);

/** Marks an answer as stored; null where it came from the server, or is no longer shown. */
export function note(question: string, kept: KeptAnswer | null): void {
  useOffline.setState(({ answers: { [question]: _, ...answers } }) => ({
    answers: kept === null ? answers : { ...answers, [question]: kept.at },
  }));
}

/** A server in trouble counts as unreachable. */
const isUnreachable = (error: unknown): boolean =>
  error instanceof NoConnection || (error instanceof ApiProblem && error.problem.status >= 500);

const late = Symbol("the server has not answered yet");

/**
 * Asks the server; in a room that works offline its last answer replaces a missing one. Elsewhere old data is not
 * shown: a bench with yesterday's duty would prove another valve.
 */
export const serverFirst: QueryPersister = async (ask, context, { queryHash }) => {
  const asked = (async () => ask(context))();
  if (!worksOffline(location.pathname)) return asked;
  const waited = new Promise<typeof late>((resolve) => setTimeout(resolve, patienceMs, late));
  const first = await Promise.race([asked, waited]).catch((error: unknown) => {
    if (isUnreachable(error)) return late;
    throw error;
  });
  if (first !== late) {
    note(queryHash, null);
    return first;
  }
  // Not drawn in by a first visit: it is wanted where the server is not.
  const { keptAnswer } = await import("./answers.ts");
  const kept = await keptAnswer(queryHash);
  if (kept === undefined) return asked;
  asked.catch(() => undefined);
  note(queryHash, kept);
  return kept.data as Awaited<typeof asked>;
};

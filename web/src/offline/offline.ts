import type { QueryPersister } from "@tanstack/react-query";
import { matchPath } from "react-router";
import { create } from "zustand";
import { ApiProblem, NoConnection } from "../app/api.ts";
import { rooms } from "../rooms/index.ts";
import type { KeptAnswer } from "./answers.ts";

interface Away {
  /** Answers on the page that the server has not given now, with when it gave them, by question. */
  readonly answers: Readonly<Record<string, number>>;
}

/** What of this page was kept on the device, for the server could not be asked. */
export const useOffline = create<Away>()(() => ({ answers: {} }));

/** How long a page waits for a server that does not answer where it could show what is kept, ms. */
const patienceMs = 6000;

/** Whether a page is worked with where no server may be in reach. */
export const worksOffline = (pathname: string): boolean =>
  rooms.some(
    ({ offline, path, inProject }) =>
      offline && matchPath(inProject ? `/projects/:project${path}` : path, pathname) !== null,
  ) || rooms.some(({ offline, path }) => offline && matchPath(path, pathname) !== null);

/** Says that an answer is a kept one; null where the server has given it, or nobody shows it any more. */
export function note(question: string, kept: KeptAnswer | null): void {
  useOffline.setState(({ answers: { [question]: _, ...answers } }) => ({
    answers: kept === null ? answers : { ...answers, [question]: kept.at },
  }));
}

/** A server in trouble says no more of what was asked than one that is not there. */
const isUnreachable = (error: unknown): boolean =>
  error instanceof NoConnection || (error instanceof ApiProblem && error.problem.status >= 500);

const late = Symbol("the server has not answered yet");

/**
 * Asks the server; in a room that is worked in away from it, what it last said stands in for it.
 *
 * Elsewhere what is not fresh is not shown: a bench that shows yesterday's duty would prove another valve.
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

import { type Remote, wrap } from "comlink";
import type { Work } from "../parts/room-worker.ts";
import type { ListApi } from "./list-api.ts";

export type ListWork = Work<Remote<ListApi>>;

/** Starts the worker that reads lists and writes workbooks. */
export function startListWork(): ListWork {
  const worker = new Worker(new URL("./list.worker.ts", import.meta.url), { type: "module" });
  return { api: wrap<ListApi>(worker), end: () => worker.terminate() };
}

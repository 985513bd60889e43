import { type Remote, wrap } from "comlink";
import type { Work } from "../parts/room-worker.ts";
import type { ListApi } from "./list-api.ts";

export type ListWork = Work<Remote<ListApi>>;

/** Lists are read and workbooks written in a worker of its own, until it is ended. */
export function startListWork(): ListWork {
  const worker = new Worker(new URL("./list.worker.ts", import.meta.url), { type: "module" });
  return { api: wrap<ListApi>(worker), end: () => worker.terminate() };
}

import { type Remote, wrap } from "comlink";
import type { Work } from "../parts/room-worker.ts";
import type { CatalogueApi } from "./catalogue-api.ts";

export type CatalogueWork = Work<Remote<CatalogueApi>>;

/** Starts the worker that reads and compares catalogues. */
export function startCatalogueWork(): CatalogueWork {
  const worker = new Worker(new URL("./catalogue.worker.ts", import.meta.url), { type: "module" });
  return { api: wrap<CatalogueApi>(worker), end: () => worker.terminate() };
}

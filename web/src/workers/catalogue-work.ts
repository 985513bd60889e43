import { type Remote, wrap } from "comlink";
import type { Work } from "../parts/room-worker.ts";
import type { CatalogueApi } from "./catalogue-api.ts";

export type CatalogueWork = Work<Remote<CatalogueApi>>;

/** Catalogues are read and compared in a worker of their own, until it is ended. */
export function startCatalogueWork(): CatalogueWork {
  const worker = new Worker(new URL("./catalogue.worker.ts", import.meta.url), { type: "module" });
  return { api: wrap<CatalogueApi>(worker), end: () => worker.terminate() };
}

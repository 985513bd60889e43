import { type Remote, wrap } from "comlink";
import type { CatalogueApi } from "../../workers/catalogue-api.ts";

let api: Remote<CatalogueApi> | null = null;

/** Catalogues are read and compared in a worker of their own, started when first asked. */
export function catalogueWork(): Remote<CatalogueApi> {
  api ??= wrap<CatalogueApi>(
    new Worker(new URL("../../workers/catalogue.worker.ts", import.meta.url), { type: "module" }),
  );
  return api;
}

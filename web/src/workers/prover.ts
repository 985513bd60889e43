import type { CatalogueVersion, HouseRuleVersion } from "@proven-seat/contract";
import { type Remote, wrap } from "comlink";
import type { ProverApi } from "./prover-api.ts";

/** A prover in a worker of its own, ready once it has the shelf. */
export interface ProverHandle {
  /** Its basis: two provers of one basis judge alike. */
  readonly basis: string;
  readonly api: Remote<ProverApi>;
  readonly end: () => void;
}

/** Starts a prover; the bench and the line-up each have one, so that neither waits for the other. */
export async function startProver(
  catalogue: CatalogueVersion,
  house: HouseRuleVersion,
): Promise<ProverHandle> {
  const worker = new Worker(new URL("./prover.worker.ts", import.meta.url), { type: "module" });
  const api = wrap<ProverApi>(worker);
  await api.setShelf(catalogue.catalogue, house.values, house.version);
  return { basis: `${catalogue.digest} v${house.version}`, api, end: () => worker.terminate() };
}

import type { CatalogueVersion, HouseRuleVersion } from "@proven-seat/contract";
import { type Remote } from "comlink";
import type { ProverApi } from "./prover.worker.ts";
/** A prover in a worker of its own, ready once the shelf has been handed over. */
export interface ProverHandle {
  readonly api: Remote<ProverApi>;
  readonly end: () => void;
}
/** Starts a prover; the bench and the line-up each have one, so that neither waits for the other. */
export declare function startProver(
  catalogue: CatalogueVersion,
  house: HouseRuleVersion,
): Promise<ProverHandle>;
//# sourceMappingURL=prover.d.ts.map

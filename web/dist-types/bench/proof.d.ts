import { type ProverHandle } from "../workers/prover.ts";
import type { BenchView } from "../workers/views.ts";
export interface BenchProof {
  readonly view: BenchView | null;
  readonly prover: ProverHandle | null;
  /** The proof shown is of the last duty that could be read. */
  readonly behind: boolean;
  readonly failure: string | null;
}
/** A prover for as long as a room is shown. */
export declare function useProver(): {
  prover: ProverHandle | null;
  failure: string | null;
};
/** Proves the bench anew on every edit; an answer that comes after a newer question is dropped. */
export declare function useBenchProof(): BenchProof;
//# sourceMappingURL=proof.d.ts.map

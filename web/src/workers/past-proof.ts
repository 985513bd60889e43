/** A prover keeps one proof: a question about an older one has no answer, and nobody waits for it any more. */
export class PastProof extends Error {
  override name = "PastProof";
  constructor() {
    super("A newer proof has replaced this one.");
  }
}

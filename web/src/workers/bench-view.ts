import type { AskedProof } from "./asked.ts";
import type { CandidateDetail, CandidateRow, ProofOutline } from "./views.ts";

/** A proof as the bench shows it: outline, choice, and selected candidate. */
export interface BenchView extends ProofOutline {
  readonly proof: AskedProof;
  readonly chosen: CandidateRow | null;
  /** The chosen valve or drive is no longer a candidate. */
  readonly choiceGone: boolean;
  /** The key that was asked for; `selected` is another candidate when that key no longer exists. */
  readonly askedFor: string | null;
  readonly selected: CandidateDetail | null;
}

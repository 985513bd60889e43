import type { Shelf } from "@proven-seat/core/catalogue";
import type { Duty } from "@proven-seat/core/duty";
import type { HouseRules } from "@proven-seat/core/house";
import type { Proof, ProvenCandidate } from "@proven-seat/core/proof";

/** The last proof a prover made, and what was looked up of it since. */
export interface Proving {
  readonly duty: Duty;
  readonly shelf: Shelf;
  readonly house: HouseRules;
  readonly proof: Proof;
  /** Grows: drives looked at and constructions built for enquiry join it. */
  readonly candidates: Map<string, ProvenCandidate>;
  readonly groups: Map<string, ProvenCandidate[]>;
}

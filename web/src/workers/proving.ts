import type { Shelf } from "@proven-seat/core/catalogue";
import type { Duty } from "@proven-seat/core/duty";
import type { HouseRules } from "@proven-seat/core/house";
import { candidateKey, type Proof, type ProvenCandidate } from "@proven-seat/core/proof";
import { groupOf } from "./rows.ts";

/** The last proof a prover made, and what was looked up of it since. */
export interface Proving {
  readonly duty: Duty;
  readonly shelf: Shelf;
  readonly house: HouseRules;
  readonly proof: Proof;
  /** Looked at besides the proof's own: drives it would not have picked, constructions built for enquiry. */
  readonly besides: Map<string, ProvenCandidate>;
  readonly groups: ReadonlyMap<string, readonly ProvenCandidate[]>;
}

/** A candidate by its key; keys of thousands are not written out for the one that is asked for. */
export function candidateOf(
  { proof, besides }: Pick<Proving, "proof" | "besides">,
  key: string,
): ProvenCandidate | undefined {
  const kept = besides.get(key);
  if (kept) return kept;
  return proof.candidates.find(
    (c) => key.startsWith(c.valve.key) && candidateKey(c.valve.key, c.drive?.key ?? null) === key,
  );
}

/** Candidates alike in line, class, cavity, seat and family of drives, in the order of the ranking. */
export function grouped(proof: Proof): Map<string, ProvenCandidate[]> {
  const byTorque = new Map<number, Map<string, ProvenCandidate[]>>();
  const groups = new Map<string, ProvenCandidate[]>();
  for (const c of proof.candidates) {
    let families = byTorque.get(c.valve.alike.torque);
    if (!families) {
      families = new Map();
      byTorque.set(c.valve.alike.torque, families);
    }
    const family = c.drive === null ? "" : c.drive.family.id;
    const members = families.get(family);
    if (members) members.push(c);
    else {
      const first = [c];
      families.set(family, first);
      groups.set(groupOf(c), first);
    }
  }
  return groups;
}

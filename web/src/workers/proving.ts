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
  /** Looked at besides the proof's own: drives it would not have picked, valves by construction. */
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
  // By the parts themselves: a name for each of thousands would cost more than the ranking.
  const bySeat = new Map<unknown, Map<unknown, Map<unknown, ProvenCandidate[]>>>();
  const groups = new Map<string, ProvenCandidate[]>();
  const within = <Value>(map: Map<unknown, Map<unknown, Value>>, key: unknown) => {
    const inner = map.get(key) ?? new Map<unknown, Value>();
    map.set(key, inner);
    return inner;
  };
  for (const c of proof.candidates) {
    const { size, cavity, seat } = c.valve;
    // A seat belongs to one line at one size and class.
    const families = within(within(bySeat, seat), cavity);
    const family = c.drive?.family ?? size;
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

import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Duty } from "@proven-seat/core/duty";
import type { Shelf } from "@proven-seat/core/equipment/catalogue";
import { isByConstruction, valveByConstruction } from "@proven-seat/core/equipment/unlisted";
import {
  candidateKey,
  judgeChoice,
  keysIn,
  type Order,
  type Proof,
  type ProvenCandidate,
  prover,
  rank,
} from "@proven-seat/core/judgement/proof";
import { groupOf } from "./groups.ts";

type Groups = ReadonlyMap<string, readonly ProvenCandidate[]>;

/** The last proof of a prover, and what was derived from it. */
export interface Proving {
  readonly duty: Duty;
  readonly shelf: Shelf;
  readonly house: HouseRules;
  readonly houseVersion: number;
  /** Ranked by price. */
  readonly proof: Proof;
  /** Judged on their own since: drives the proof would not have picked, valves by construction. */
  readonly alone: Map<string, ProvenCandidate>;
  readonly ordered: Map<Order, { readonly candidates: readonly ProvenCandidate[]; readonly groups: Groups }>;
  readonly milliseconds: number;
}

/** The candidates of the proof in an order, ranked and gathered when it is first asked for. */
export function inOrder(
  { proof, ordered, house }: Pick<Proving, "proof" | "ordered" | "house">,
  order: Order,
) {
  const known = ordered.get(order);
  if (known) return known;
  const candidates = order === "price" ? proof.candidates : rank(proof.candidates, house, order);
  const made = { candidates, groups: grouped(candidates) };
  ordered.set(order, made);
  return made;
}

/**
 * A candidate by its key, judged now where the proof did not pick it itself: another actuator, a seat with the selected
 * actuator, a valve by construction. Undefined where it is no candidate for this duty.
 */
export function candidateOf(proving: Proving, key: string): ProvenCandidate | undefined {
  const { proof, alone } = proving;
  const known = alone.get(key) ?? proof.candidates.find((c) => hasKey(c, key)) ?? judged(proving, key);
  if (known) alone.set(key, known);
  return known;
}

/** Avoids building thousands of keys to find one. */
const hasKey = ({ valve, drive }: ProvenCandidate, key: string) =>
  key.startsWith(valve.key) && candidateKey(valve.key, drive?.key ?? null) === key;

function judged({ duty, shelf, house }: Proving, key: string): ProvenCandidate | undefined {
  const keys = keysIn(key);
  if (!isByConstruction(key)) return judgeChoice(duty, shelf, house, keys) ?? undefined;
  const valve = valveByConstruction(keys.valve, duty);
  return valve === null ? undefined : prover(duty, shelf, house).judge(valve, null);
}

/** Groups candidates by line, class, cavity, seat and actuator family, in the order of the ranking. */
function grouped(candidates: readonly ProvenCandidate[]): Groups {
  // By the parts themselves: a name for each of thousands would cost more than the ranking.
  const bySeat = new Map<unknown, Map<unknown, Map<unknown, ProvenCandidate[]>>>();
  const groups = new Map<string, ProvenCandidate[]>();
  const within = <Value>(map: Map<unknown, Map<unknown, Value>>, key: unknown) => {
    const inner = map.get(key) ?? new Map<unknown, Value>();
    map.set(key, inner);
    return inner;
  };
  for (const c of candidates) {
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

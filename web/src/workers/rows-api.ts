import { type KindOnValve, type Order, prover, rank, sideBySide } from "@proven-seat/core/judgement/proof";
import { groupOf, valveGroupOf } from "./groups.ts";
import { candidateOf, inOrder, type Proving } from "./proving.ts";
import { detailOf, rowOf } from "./rows.ts";
import type { CandidateDetail, CandidateRow, RowWindow } from "./views.ts";

/** Rows of the candidate table from an index on: the best of each line, class and seat, the pinned candidate first. */
export function rowsFrom(
  proving: Proving,
  order: Order,
  pinned: string | null,
  from: number,
  count: number,
): RowWindow {
  const first = pinned === null ? undefined : candidateOf(proving, pinned);
  const groups = [...inOrder(proving, order).groups.values()];
  const ofPinned = first && groups.find(([head]) => head!.key === first.key);
  const others = ofPinned ? groups.filter((members) => members !== ofPinned) : groups;
  // A pinned row is not a group representative.
  const above = first
    ? [{ ...rowOf(first, (ofPinned?.length ?? 1) - 1), ...(!ofPinned && { group: "" }) }]
    : [];
  const skipped = Math.max(0, from - above.length);
  const upTo = from + count - above.length;
  return {
    total: others.length + above.length,
    rows: [
      ...above.slice(from, from + count),
      ...others
        .slice(skipped, Math.max(skipped, upTo))
        .map((members) => rowOf(members[0]!, members.length - 1)),
    ],
  };
}

/** One candidate as a row; null where it is no candidate. */
export function rowNamed(proving: Proving, key: string): CandidateRow | null {
  const candidate = candidateOf(proving, key);
  return candidate ? rowOf(candidate, 0) : null;
}

/** The first of the keys that is a candidate, else the best in the order; null where there is none. */
export function selectedOf(
  proving: Proving,
  order: Order,
  wanted: readonly (string | null)[],
): CandidateDetail | null {
  for (const key of wanted) {
    const candidate = key === null ? undefined : candidateOf(proving, key);
    if (candidate) return detailOf(candidate, proving.duty, proving.house);
  }
  const best = proving.proof.candidates.length > 0 ? inOrder(proving, order).candidates[0] : undefined;
  return best ? detailOf(best, proving.duty, proving.house) : null;
}

/** Candidates side by side; those that are no candidates any more are left out. */
export const detailsOf = (proving: Proving, keys: readonly string[]): CandidateDetail[] =>
  keys.flatMap((key) => {
    const candidate = candidateOf(proving, key);
    return candidate ? [detailOf(candidate, proving.duty, proving.house)] : [];
  });

/** Body, trim and seal variants behind the row of a candidate, best first. */
export function variantsOf(proving: Proving, key: string): CandidateRow[] {
  const candidate = candidateOf(proving, key);
  if (!candidate) return [];
  const { groups } = inOrder(proving, "price");
  // An actuator the proof would not pick may be of a family without a row: then it belongs to the row of another
  // family.
  const alike = [...groups.values()].find(
    ([head]) => valveGroupOf(head!.valve) === valveGroupOf(candidate.valve),
  );
  return (groups.get(groupOf(candidate)) ?? alike ?? []).map((c) => rowOf(c, 0));
}

/** Every drive the duty allows on the valve of a candidate, best first. */
export function drivesOf(proving: Proving, key: string): CandidateRow[] {
  const candidate = candidateOf(proving, key);
  if (!candidate) return [];
  const options = prover(proving.duty, proving.shelf, proving.house).drivesFor(candidate.valve);
  for (const option of options) proving.alone.set(option.key, option);
  return rank(options, proving.house).map((c) => rowOf(c, 0));
}

/** Every kind of drive on the valve of a candidate, each as good as the shelf has it. */
export function kindsOf(proving: Proving, key: string): KindOnValve[] {
  const candidate = candidateOf(proving, key);
  return candidate ? sideBySide(proving.duty, proving.shelf, proving.house, candidate) : [];
}

import { tagKey } from "../../basis/text/tag-key.ts";
import { lineListField } from "./fields.ts";
import type { LineListFault, RowRead } from "./row.ts";

/**
 * Decision of a user on contradicting rows of one tag: all are its cases, one of them applies, or they are different
 * tags.
 */
export type Pair =
  | { readonly take: "join" }
  | { readonly take: "row"; readonly row: number }
  | { readonly take: "rename"; readonly row: number; readonly number: string };

/** Rows that form one tag. */
export interface Joined {
  readonly number: string;
  readonly reads: readonly RowRead[];
}

export interface Joining {
  readonly drafts: readonly Joined[];
  readonly pairs: readonly { number: string; key: string; rows: number[] }[];
  readonly repeated: readonly { row: number; as: number }[];
  /** Rows a person has decided against. */
  readonly passedOver: readonly number[];
}

const shown = (value: unknown) => (Array.isArray(value) ? value.join("; ") : String(value));

/** Fields of the tag that two rows state differently; blank contradicts nothing, and neither does its number. */
const differing = (a: RowRead, b: RowRead) =>
  [...b.tag]
    .filter(([id]) => id !== "number")
    .flatMap(([id, { value, heading }]) => {
      const other = a.tag.get(id);
      return other && JSON.stringify(other.value) !== JSON.stringify(value)
        ? [
            {
              heading,
              says: `${lineListField(id)!.label} (${shown(other.value)} there, ${shown(value)} here)`,
            },
          ]
        : [];
    });

const fingerprint = (read: RowRead) =>
  JSON.stringify([
    [...read.tag].filter(([id]) => id !== "number").map(([id, { value }]) => [id, value]),
    [...read.own],
    [...read.byKind].map(([kind, fields]) => [kind, [...fields]]),
  ]);

/** Whether a row adds nothing to an earlier one of the tag, apart from remarks. */
const sameAs = (read: RowRead, earlier: readonly RowRead[]) => {
  const mine = fingerprint(read);
  return earlier.find((other) => fingerprint(other) === mine);
};

/**
 * Groups the rows of each tag. Rows that agree on the values of the tag are its cases; a repeated row is skipped;
 * contradicting rows form a pair for the user to decide, with one fault each.
 *
 * @param reads rows as they were read
 * @param decided decisions on pairs, by the tag's key
 * @param faults list the faults are added to
 * @returns rows of each tag in the order of the list, pairs that do not agree, rows that repeat others or were decided against
 */
export function joinRows(
  reads: readonly RowRead[],
  decided: Readonly<Record<string, Pair>>,
  faults: LineListFault[],
): Joining {
  const byKey = new Map<string, { number: string; reads: RowRead[] }>();
  const pairs = new Map<string, { number: string; key: string; rows: number[] }>();
  const repeated: { row: number; as: number }[] = [];
  const passedOver: number[] = [];
  const add = (key: string, number: string, read: RowRead) =>
    byKey.set(key, {
      number: byKey.get(key)?.number ?? number,
      reads: [...(byKey.get(key)?.reads ?? []), read],
    });
  for (const read of reads) {
    if (read.key === "") continue;
    const decision = decided[read.key];
    if (decision?.take === "rename" && decision.row === read.row) {
      add(tagKey(decision.number), decision.number, read);
      continue;
    }
    if (decision?.take === "row" && decision.row !== read.row) {
      passedOver.push(read.row);
      continue;
    }
    const there = byKey.get(read.key)?.reads ?? [];
    const [first] = there;
    if (!first) {
      add(read.key, read.number, read);
      continue;
    }
    const same = sameAs(read, there);
    if (same) {
      repeated.push({ row: read.row, as: same.row });
      continue;
    }
    const contrary = differing(first, read);
    if (contrary.length > 0 && decision?.take !== "join") {
      faults.push({
        row: read.row,
        column: contrary[0]!.heading,
        reason: `${read.number} is already in row ${first.row} and differs in ${contrary.map(({ says }) => says).join(", ")}. Join the rows as cases, keep one of them, or change one tag number.`,
      });
      const pair = pairs.get(read.key) ?? { number: first.number, key: read.key, rows: [first.row] };
      pair.rows.push(read.row);
      pairs.set(read.key, pair);
      continue;
    }
    add(read.key, read.number, read);
  }
  return { drafts: [...byKey.values()], pairs: [...pairs.values()], repeated, passedOver };
}

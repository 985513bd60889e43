import type { Order } from "@proven-seat/core/judgement/proof";
import { useCallback, useState } from "react";
import { useAnswers } from "../../bench/answers.ts";
import { useLast } from "../../parts/use-last.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { CandidateRow, RowWindow } from "../../workers/views.ts";

const pageRows = 50;
const ahead = 10;
const nothing: ReadonlyMap<number, RowWindow> = new Map();

/** Rows of the table page by page, those in view and a few beyond. */
export function useRows(
  { proof }: BenchView,
  order: Order,
  pinned: string | null,
): {
  readonly total: number;
  readonly rowAt: (index: number) => CandidateRow | undefined;
  /** Says which rows are in view. */
  readonly see: (first: number, last: number) => void;
} {
  const [[from, to], setPages] = useState<readonly [number, number]>([0, 0]);
  const see = useCallback((first: number, lastSeen: number) => {
    const pageOf = (row: number) => Math.floor(row / pageRows);
    const seen = [pageOf(Math.max(0, first - ahead)), pageOf(lastSeen + ahead)] as const;
    setPages((cached) => (cached[0] === seen[0] && cached[1] === seen[1] ? cached : seen));
  }, []);
  const pages = [...new Set([0, ...Array.from({ length: to - from + 1 }, (_, i) => from + i)])];
  const { answers } = useAnswers(
    proof,
    "rows",
    pages.map((page) => [order, pinned, page * pageRows, pageRows] as const),
  );
  // In a new order, the previous rows stay until the first new ones arrive.
  const known = pages.flatMap((page, index) => (answers[index] ? [[page, answers[index]] as const] : []));
  const shown = useLast(known.length > 0 ? new Map(known) : null) ?? nothing;
  return {
    total: [...shown.values()][0]?.total ?? 0,
    rowAt: (index) => shown.get(Math.floor(index / pageRows))?.rows[index % pageRows],
    see,
  };
}

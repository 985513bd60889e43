import type { Order } from "@proven-seat/core/judgement/proof";
import { useRef, useState } from "react";
import { useAnswers } from "../../bench/answers.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { CandidateRow, RowWindow } from "../../workers/views.ts";

const pageRows = 50;
const ahead = 10;

/** Rows of the table page by page, those in view and a few beyond. */
export function useRows(
  { proof }: BenchView,
  order: Order,
  pinned: string | null,
): {
  readonly total: number;
  readonly rowAt: (at: number) => CandidateRow | undefined;
  /** Says which rows are in view. */
  readonly see: (first: number, last: number) => void;
} {
  const [[from, to], setPages] = useState<readonly [number, number]>([0, 0]);
  const pages = [...new Set([0, ...Array.from({ length: to - from + 1 }, (_, i) => from + i)])];
  const { answers } = useAnswers(
    proof,
    "rows",
    pages.map((page) => [order, pinned, page * pageRows, pageRows] as const),
  );
  // In another order, the rows of the last one stay until the first of the new have come in.
  const shown = useRef<ReadonlyMap<number, RowWindow>>(new Map());
  const known = pages.flatMap((page, at) => (answers[at] ? [[page, answers[at]] as const] : []));
  if (known.length > 0) shown.current = new Map(known);
  return {
    total: [...shown.current.values()][0]?.total ?? 0,
    rowAt: (at) => shown.current.get(Math.floor(at / pageRows))?.rows[at % pageRows],
    see: (first, lastSeen) => {
      const seen = [Math.max(0, first - ahead), lastSeen + ahead].map((at) => Math.floor(at / pageRows));
      if (seen[0] !== from || seen[1] !== to) setPages([seen[0]!, seen[1]!]);
    },
  };
}

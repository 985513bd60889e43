import type { ColumnPlan, Decisions, Pair } from "@proven-seat/core/duty/line-list";
import { useState } from "react";

/** All decisions of the user on the list. */
export interface Said {
  readonly plan: readonly ColumnPlan[];
  readonly decisions: Decisions;
}

const mostSteps = 200;

/** The decisions, with undo and redo. */
export function useSaid() {
  const [steps, setSteps] = useState<{ at: number; list: readonly Said[] }>({ at: -1, list: [] });
  const said = steps.list[steps.at] ?? null;
  const begin = (first: Said) => setSteps({ at: 0, list: [first] });
  const say = (change: (said: Said) => Said) =>
    setSteps(({ at, list }) => {
      const next = [...list.slice(0, at + 1), change(list[at]!)].slice(-mostSteps);
      return { at: next.length - 1, list: next };
    });
  const decide = (change: (decisions: Decisions) => Decisions) =>
    say((previous) => ({ ...previous, decisions: change(previous.decisions) }));
  return {
    said,
    begin,
    mayUndo: steps.at > 0,
    mayRedo: steps.at < steps.list.length - 1,
    undo: () => setSteps((s) => ({ ...s, at: Math.max(0, s.at - 1) })),
    redo: () => setSteps((s) => ({ ...s, at: Math.min(s.list.length - 1, s.at + 1) })),
    remap: (columnIndex: number, change: Partial<ColumnPlan>) =>
      say((previous) => ({
        ...previous,
        plan: previous.plan.map((column, i) =>
          i === columnIndex ? { ...column, ...change, confidence: 1, doubt: null } : column,
        ),
      })),
    mendCells: (changes: readonly { row: number; at: number; text: string }[]) =>
      decide((d) => {
        const cells: Record<number, Record<number, string>> = { ...d.cells };
        for (const { row, at, text } of changes) cells[row] = { ...cells[row], [at]: text };
        return { ...d, cells };
      }),
    mendValue: (field: string, value: string, as: string) =>
      decide((d) => ({
        ...d,
        values: { ...d.values, [field]: { ...d.values?.[field], [value.toLowerCase()]: as } },
      })),
    leaveOut: (rows: readonly number[]) =>
      decide((d) => ({ ...d, leftOut: [...new Set([...(d.leftOut ?? []), ...rows])] })),
    pair: (key: string, pair: Pair) => decide((d) => ({ ...d, pairs: { ...d.pairs, [key]: pair } })),
    undoGuess: (key: string) => decide((d) => ({ ...d, undone: [...(d.undone ?? []), key] })),
    accept: (keys: readonly string[]) =>
      decide((d) => ({ ...d, accepted: [...new Set([...(d.accepted ?? []), ...keys])] })),
  };
}

export type Saying = ReturnType<typeof useSaid>;

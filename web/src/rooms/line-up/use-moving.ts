import type { TagRow } from "@proven-seat/contract";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useRef, useState } from "react";

const rowHeight = 30;

/** Draws only the visible rows of a long list, and moves the focus from row to row by keys. */
export function useMoving(rows: readonly TagRow[]) {
  const [current, setCurrent] = useState(0);
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 12,
  });
  const goTo = (index: number) => {
    const to = Math.max(0, Math.min(rows.length - 1, index));
    setCurrent(to);
    virtual.scrollToIndex(to);
    requestAnimationFrame(() =>
      scroller.current?.querySelector<HTMLElement>(`[data-row="${rows[to]?.id}"]`)?.focus(),
    );
  };
  const move = (by: number) => () => goTo(current + by);
  return {
    current,
    setCurrent,
    scroller,
    virtual,
    inView: virtual.getVirtualItems().flatMap(({ index }) => rows[index] ?? []),
    goTo,
    keys: {
      ArrowDown: move(1),
      ArrowUp: move(-1),
      j: move(1),
      k: move(-1),
      Home: () => goTo(0),
      End: () => goTo(rows.length - 1),
      PageDown: move(15),
      PageUp: move(-15),
    },
  };
}

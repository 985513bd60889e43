import { figure, figureText, marginWords } from "@proven-seat/core/basis/units";
import { countsText, type Order, orders } from "@proven-seat/core/judgement/proof";
import { useVirtualizer } from "@tanstack/react-virtual";
import { memo, useEffect, useRef } from "react";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { useHouseAsRead } from "../../bench/house-as-read.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { KeyHint } from "../../parts/key-hint.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import type { CandidateRow } from "../../workers/views.ts";
import { nextOrder } from "./order.ts";
import { useRows } from "./use-rows.ts";

const grid =
  "grid grid-cols-[20px_minmax(8.9rem,1.3fr)_minmax(5.5rem,1fr)_2.2rem_minmax(5.8rem,1fr)_2.9rem_4.7rem_3.5rem] items-center gap-x-1.5";

const rowHeight = 25;

const orderNames: Record<Order, string> = {
  price: "price",
  margin: "margin",
  weight: "weight",
  torque: "torque",
};

function Row({
  row,
  index,
  start,
  chosen,
  selected,
  onMove,
}: {
  row: CandidateRow;
  index: number;
  start: number;
  chosen: boolean;
  selected: boolean;
  onMove: (by: number) => void;
}) {
  const { take } = useBench.getState();
  const units = useUnits();
  const { valve, drive, heldBy } = row;
  const faded = row.verdict === "fails" && !chosen ? "text-dim" : "";
  const margin = heldBy ? marginWords(heldBy.margin, heldBy.marginUnit, units) : "";
  return (
    <div
      role="row"
      tabIndex={selected || index === 0 ? 0 : -1}
      aria-selected={selected}
      aria-rowindex={index + 2}
      data-candidate={row.key}
      style={{
        position: "absolute",
        top: 0,
        left: 0,
        right: 0,
        height: rowHeight,
        transform: `translateY(${start}px)`,
      }}
      className={`${grid} cursor-pointer border-b border-rule/60 px-1 ${selected ? "bg-second" : "hover:bg-second/60"} ${faded}`}
      onClick={() => take(row.key)}
      onKeyDown={(event) => {
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (step) {
          event.preventDefault();
          event.stopPropagation();
          onMove(step);
        } else if (event.key === " " || event.key === "Enter") {
          event.preventDefault();
          take(row.key);
        }
      }}
    >
      <span role="gridcell" className="flex">
        <BoreMark verdict={row.verdict} />
      </span>
      <span
        role="gridcell"
        className="truncate"
        title={`${valve.construction}, ${valve.maker} ${valve.line}, ${valve.bodyGrade}, ${valve.trim}, ${valve.seals}`}
      >
        {chosen && <span className="mr-1 border border-ink px-1 text-[11px] font-semibold">chosen</span>}
        <span className={selected ? "font-semibold" : ""}>{valve.construction}</span>
      </span>
      <span role="gridcell" className="truncate" title={valve.seat}>
        {valve.seat}
      </span>
      <span role="gridcell" className="figures whitespace-nowrap">
        {valve.designation.replace("class ", "")}
      </span>
      <span role="gridcell" className="truncate" title={heldBy?.says}>
        {heldBy ? `${heldBy.asks.charAt(0).toLowerCase()}${heldBy.asks.slice(1)}` : "–"}
      </span>
      <span
        role="gridcell"
        className={`figures text-right ${heldBy?.verdict === "fails" ? "text-fails" : heldBy?.verdict === "tight" ? "text-tight" : ""}`}
      >
        {margin || "–"}
      </span>
      <span
        role="gridcell"
        className="truncate"
        title={
          drive
            ? `${drive.maker} ${drive.family}, ${drive.action}; breakaway ${figureText(row.breakNm, "N·m", units)}`
            : "bare stem"
        }
      >
        {drive
          ? `${drive.size}${drive.springSet ? ` ${drive.springSet}` : drive.kind === "rack-and-pinion" ? " DA" : ""}`
          : "bare stem"}
      </span>
      <span role="gridcell" className="figures text-right">
        {figure(row.price)}
      </span>
    </div>
  );
}

/** The row of the selected candidate: its own, or that of its group. */
const groupShown = (row: CandidateRow, { selected, chosen }: BenchView) =>
  selected !== null &&
  (row.key === selected.candidate.key ||
    (chosen?.key !== selected.candidate.key && row.group === selected.group));

/** Candidates side by side: the best of each line, class and seat, in the order of the ranking. */
const CandidateList = memo(function CandidateList({ view }: { view: BenchView }) {
  const order = useBench((s) => s.order);
  const { setOrder, take } = useBench.getState();
  const body = useRef<HTMLDivElement>(null);
  const chosenKey = view.chosen?.key ?? null;
  const { rowAt, total, see } = useRows(view, order, chosenKey);
  // Hundreds of rows, drawn again with each proof: only the visible ones are drawn.
  const list = useVirtualizer({
    count: total,
    getScrollElement: () => body.current,
    estimateSize: () => rowHeight,
    overscan: 6,
    initialRect: { width: 640, height: 400 },
  });
  const drawn = list.getVirtualItems();
  const [first, last] = [drawn[0]?.index ?? 0, drawn.at(-1)?.index ?? 0];
  useEffect(() => see(first, last), [see, first, last]);
  const focusNext = useRef<string | null>(null);
  useEffect(() => {
    if (focusNext.current === null) return;
    const row = body.current?.querySelector<HTMLElement>(
      `[data-candidate="${CSS.escape(focusNext.current)}"]`,
    );
    if (row) {
      row.focus();
      focusNext.current = null;
    }
  });
  const move = (from: number) => (by: number) => {
    const to = Math.max(0, Math.min(total - 1, from + by));
    const next = rowAt(to);
    if (!next) return;
    take(next.key);
    focusNext.current = next.key;
    list.scrollToIndex(to);
  };
  const house = useHouseAsRead();
  return (
    <section aria-label="Candidates" className="flex min-h-0 flex-1 flex-col">
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-3">
        <h2 className="sr-only">Candidates</h2>
        {house === null ? (
          <span />
        ) : (
          <span
            className="text-[12px] text-dim"
            title="House rules: price added in the ranking for each tight"
          >
            ranking adds for each serious tight +{house.seriousTightPercent} %, mild tight +
            {house.mildTightPercent} % of the price
          </span>
        )}
        <span className="text-dim">
          {countsText(view)} · order:{" "}
          <select
            aria-label="Order of suitable candidates"
            className="border-b border-rule bg-transparent text-ink"
            value={order}
            onChange={(e) => setOrder(e.target.value as Order)}
          >
            {orders.map((o) => (
              <option key={o} value={o}>
                {orderNames[o]}
              </option>
            ))}
          </select>
          <button type="button" className="quiet" aria-label="Next order" onClick={nextOrder}>
            <KeyHint shortcut="o" />
          </button>
        </span>
      </div>
      <div
        role="grid"
        aria-label="Candidates"
        aria-rowcount={total + 1}
        className="flex min-h-0 flex-1 flex-col"
      >
        <div role="row" className={`${grid} border-b border-rule px-1 pb-1 text-[12px] text-dim`}>
          <span role="columnheader">
            <span className="sr-only">verdict</span>
          </span>
          <span role="columnheader">construction</span>
          <span role="columnheader">seat</span>
          <span role="columnheader">class</span>
          <span role="columnheader">limited by</span>
          <span role="columnheader" className="text-right">
            margin
          </span>
          <span role="columnheader">actuator</span>
          <span role="columnheader" className="text-right">
            price
          </span>
        </div>
        <div
          ref={body}
          role="rowgroup"
          tabIndex={0}
          aria-label="Candidate rows"
          className="min-h-0 flex-1 overflow-auto"
        >
          <div style={{ height: list.getTotalSize(), position: "relative" }}>
            {drawn.map(({ index, start }) => {
              const row = rowAt(index);
              if (!row) return null;
              return (
                <Row
                  key={row.key}
                  row={row}
                  index={index}
                  start={start}
                  chosen={row.key === chosenKey}
                  selected={groupShown(row, view)}
                  onMove={move(index)}
                />
              );
            })}
          </div>
        </div>
      </div>
    </section>
  );
});

export default CandidateList;

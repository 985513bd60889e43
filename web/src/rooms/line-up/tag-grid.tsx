import type { TagRow } from "@proven-seat/contract";
import { readsInches } from "@proven-seat/core/basis/units";
import type { TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";
import type { Virtualizer } from "@tanstack/react-virtual";
import type { RefObject } from "react";
import { useUnits } from "../../app/reading.ts";
import { Notice } from "../../parts/notice.tsx";
import { markedStations } from "../../stations/index.ts";
import { columns, columnWidths, TagLine } from "./tag-line.tsx";

interface Props {
  rows: readonly TagRow[];
  /** There are tags, but the filter matches none. */
  nothingFits: boolean;
  marksOf: (row: TagRow) => TagMarks | null;
  summaryOf: (row: TagRow) => TagSummary | null;
  virtual: Virtualizer<HTMLDivElement, Element>;
  scroller: RefObject<HTMLDivElement | null>;
  current: number;
  onCurrent: (index: number) => void;
  onShowAll: () => void;
}

/** The rows of the line-up that are in view, under their headings. */
export function TagGrid({
  rows,
  nothingFits,
  marksOf,
  summaryOf,
  virtual,
  scroller,
  current,
  onCurrent,
  onShowAll,
}: Props) {
  const units = useUnits();
  return (
    <div
      role="grid"
      aria-label="Tags"
      aria-rowcount={rows.length + 1}
      className="col-start-1 row-start-2 row-end-4 grid min-h-0 grid-rows-[auto_minmax(0,1fr)]"
    >
      <div role="row" className={`${columns} border-b border-rule py-1 text-dim`} style={columnWidths}>
        {["tag", "service", "unit"].map((h) => (
          <span role="columnheader" key={h}>
            {h}
          </span>
        ))}
        <span role="columnheader" className="text-right">
          {readsInches(units) ? "NPS" : "DN"}
        </span>
        <span role="columnheader">class</span>
        {markedStations.map(({ id, heading, name }) => (
          <span role="columnheader" key={id} className="text-center text-[12px]" title={name}>
            {heading}
          </span>
        ))}
        <span role="columnheader">limited by</span>
      </div>
      <div role="rowgroup" ref={scroller} className="overflow-auto" tabIndex={0} aria-label="Tag rows">
        {nothingFits && (
          <div role="row">
            <div role="gridcell">
              <Notice
                title="No tag matches the filter"
                act={
                  <button type="button" className="act" onClick={onShowAll}>
                    Show all
                  </button>
                }
              />
            </div>
          </div>
        )}
        <div role="presentation" style={{ height: virtual.getTotalSize(), position: "relative" }}>
          {virtual.getVirtualItems().map((item) => {
            const row = rows[item.index];
            if (!row) return null;
            return (
              <div
                key={row.id}
                role="presentation"
                style={{
                  position: "absolute",
                  top: 0,
                  left: 0,
                  right: 0,
                  transform: `translateY(${item.start}px)`,
                }}
              >
                <TagLine
                  row={row}
                  marks={marksOf(row)}
                  summary={summaryOf(row)}
                  units={units}
                  current={item.index === current}
                  onCurrent={() => onCurrent(item.index)}
                />
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}

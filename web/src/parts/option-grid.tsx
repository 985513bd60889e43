import type { ReactNode } from "react";
import type { CandidateRow } from "../workers/views.ts";
import { BoreMark } from "./bore-mark.tsx";

export interface OptionColumn {
  readonly heading: string;
  readonly figures?: boolean;
  readonly cell: (row: CandidateRow) => ReactNode;
  readonly title?: (row: CandidateRow) => string;
}

interface Props {
  readonly name: string;
  readonly rows: readonly CandidateRow[];
  readonly columns: readonly OptionColumn[];
  /** CSS grid of the columns after the mark. */
  readonly template: string;
  readonly selected: string;
  readonly onTake: (key: string) => void;
}

const cellClass = (column: OptionColumn) => (column.figures ? "figures text-right" : "truncate");

/** Options for the selected candidate as rows with a mark: arrow keys move, Enter or a click selects one. */
export function OptionGrid({ name, rows, columns, template, selected, onTake }: Props) {
  const gridTemplateColumns = `20px ${template}`;
  return (
    <div
      role="grid"
      aria-label={name}
      aria-rowcount={rows.length + 1}
      className="flex min-h-0 flex-1 flex-col"
    >
      <div
        role="row"
        className="grid items-center gap-x-2 border-b border-rule px-1 pb-1 text-[12px] text-dim"
        style={{ gridTemplateColumns }}
      >
        <span role="columnheader">
          <span className="sr-only">verdict</span>
        </span>
        {columns.map((column) => (
          <span role="columnheader" key={column.heading} className={column.figures ? "text-right" : ""}>
            {column.heading}
          </span>
        ))}
      </div>
      <div role="rowgroup" tabIndex={0} aria-label={`${name}, rows`} className="min-h-0 flex-1 overflow-auto">
        {rows.map((row) => (
          <div
            role="row"
            key={row.key}
            tabIndex={row.key === selected ? 0 : -1}
            aria-selected={row.key === selected}
            className={`grid cursor-pointer items-center gap-x-2 border-b border-rule/60 px-1 py-[3px] ${row.key === selected ? "bg-second font-semibold" : "hover:bg-second/60"} ${row.verdict === "fails" ? "text-dim" : ""}`}
            style={{ gridTemplateColumns }}
            onClick={() => onTake(row.key)}
            onKeyDown={(event) => {
              const { currentTarget } = event;
              const next =
                event.key === "ArrowDown"
                  ? currentTarget.nextElementSibling
                  : event.key === "ArrowUp"
                    ? currentTarget.previousElementSibling
                    : null;
              const takes = event.key === "Enter" || event.key === " ";
              if (!takes && !(next instanceof HTMLElement)) return;
              event.preventDefault();
              if (takes) onTake(row.key);
              else (next as HTMLElement).focus();
            }}
          >
            <span role="gridcell" className="flex">
              <BoreMark verdict={row.verdict} />
            </span>
            {columns.map((column) => (
              <span
                role="gridcell"
                key={column.heading}
                className={cellClass(column)}
                title={column.title?.(row)}
              >
                {column.cell(row)}
              </span>
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}

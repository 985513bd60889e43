import type { ColumnPlan, LineListFault } from "@proven-seat/core/duty/line-list";
import { type KeyboardEvent, useState } from "react";
import type { ListView } from "../../workers/list-api.ts";

interface Props {
  view: ListView;
  plan: readonly ColumnPlan[];
  typed: Readonly<Record<number, Readonly<Record<number, string>>>>;
  onMend: (changes: readonly { row: number; at: number; text: string }[]) => void;
  onLeaveOut: (rows: readonly number[]) => void;
}

const shownRows = 100;

interface CellProps {
  row: number;
  column: string;
  text: string;
  reasons: readonly string[];
  onCommit: (text: string) => void;
  onFillDown: (text: string) => void;
  onLeaveOut: () => void;
}

/** A cell that can be corrected in place: Enter takes it, Ctrl+D copies it down, Ctrl+Delete excludes the row. */
function MendCell({ row, column, text, reasons, onCommit, onFillDown, onLeaveOut }: CellProps) {
  const [{ draft, from }, setTyped] = useState({ draft: text, from: text });
  const setDraft = (next: string) => setTyped({ draft: next, from: text });
  // Taken over while rendering: an effect would run later, and overwrite what was typed before it.
  if (from !== text) setDraft(text);
  const take = () => {
    if (draft !== text) onCommit(draft);
  };
  const onKeyDown = (e: KeyboardEvent<HTMLInputElement>) => {
    const command = e.ctrlKey || e.metaKey;
    if (e.key === "Enter") take();
    else if (e.key === "Escape") setDraft(text);
    else if (command && e.key.toLowerCase() === "d") {
      e.preventDefault();
      onFillDown(draft);
    } else if (command && e.key === "Delete") {
      e.preventDefault();
      onLeaveOut();
    }
  };
  const id = `why-${row}-${column}`;
  return (
    <>
      <input
        className="field border-b-rule!"
        aria-label={`${column}, row ${row}`}
        aria-invalid={reasons.length > 0}
        aria-describedby={reasons.length > 0 ? id : undefined}
        data-steps={draft === text ? "list" : "own"}
        value={draft}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={take}
        onKeyDown={onKeyDown}
      />
      {reasons.length > 0 && (
        <span id={id} className="block max-w-64 text-[12px] text-fails">
          {reasons.join(" ")}
        </span>
      )}
    </>
  );
}

/** Rows with faults, corrected beside their fault. */
export function MendGrid({ view, plan, typed, onMend, onLeaveOut }: Props) {
  const pairs = new Set(view.pairs.flatMap(({ rows }) => rows.slice(1)));
  const byRow = new Map<number, LineListFault[]>();
  for (const fault of view.faults)
    if (!pairs.has(fault.row)) byRow.set(fault.row, [...(byRow.get(fault.row) ?? []), fault]);
  const rows = [...byRow.keys()].filter((row) => view.cells[row]);
  const general = view.faults.filter(({ row }) => !view.cells[row]);
  if (rows.length === 0 && general.length === 0) return null;
  const nameOf = (column: number) => plan[column]!.heading || `Column ${column + 1}`;
  const numberAt = plan.findIndex(({ field }) => field === "number");
  const faulty = new Set(view.faults.map(({ column }) => column));
  const columns = plan.flatMap((_, index) =>
    index === numberAt || faulty.has(nameOf(index)) ? [index] : [],
  );
  const placed = new Set(columns.map(nameOf));
  const shown = rows.slice(0, shownRows);
  const textAt = (row: number, column: number) =>
    typed[row]?.[column] ?? String(view.cells[row]![column] ?? "");
  const fillDown = (from: number, columnIndex: number, text: string) => {
    const below = shown
      .slice(from)
      .filter((row, i) => i === 0 || byRow.get(row)!.some(({ column }) => column === nameOf(columnIndex)));
    onMend(below.map((row) => ({ row, at: columnIndex, text })));
  };
  return (
    <section aria-label="Rows to correct">
      <h2 className="mt-4 text-fails">
        {view.faultCount} {view.faultCount === 1 ? "fault" : "faults"} in {view.faultyRows.length}{" "}
        {view.faultyRows.length === 1 ? "row" : "rows"}
      </h2>
      <p className="text-dim">
        Correct them here, leave them out, or set them aside. Ctrl+D copies a cell to the faults below,
        Ctrl+Delete leaves the row out, Ctrl+Z undoes.
      </p>
      {general.map(({ column, reason }) => (
        <p key={column + reason} role="alert" className="mt-1 border-l-2 border-fails pl-3 text-fails">
          {column}: {reason}
        </p>
      ))}
      {rows.length > 0 && (
        <div className="mt-1 overflow-x-auto">
          <table className="text-left" tabIndex={0}>
            <thead className="text-dim">
              <tr>
                <th className="pr-4 font-normal">row</th>
                {columns.map((column) => (
                  <th key={column} className="min-w-36 pr-4 font-normal">
                    {nameOf(column)}
                  </th>
                ))}
                <th className="pr-4 font-normal">besides</th>
                <th className="font-normal whitespace-nowrap">this row</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((row, index) => (
                <tr key={row} className="border-b border-rule/60 align-top">
                  <td className="figures pr-4">{row}</td>
                  {columns.map((columnIndex) => (
                    <td key={columnIndex} className="pr-4">
                      <MendCell
                        row={row}
                        column={nameOf(columnIndex)}
                        text={textAt(row, columnIndex)}
                        reasons={byRow
                          .get(row)!
                          .filter(({ column }) => column === nameOf(columnIndex))
                          .map(({ reason }) => reason)}
                        onCommit={(text) => onMend([{ row, at: columnIndex, text }])}
                        onFillDown={(text) => fillDown(index, columnIndex, text)}
                        onLeaveOut={() => onLeaveOut([row])}
                      />
                    </td>
                  ))}
                  <td className="max-w-64 pr-4 text-[12px] text-fails">
                    {byRow
                      .get(row)!
                      .filter(({ column }) => !placed.has(column))
                      .map(({ column, reason }) => `${column}: ${reason}`)
                      .join(" ")}
                  </td>
                  <td>
                    <button type="button" className="quiet underline" onClick={() => onLeaveOut([row])}>
                      leave out
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {rows.length > shownRows && (
        <p className="text-dim">and {view.faultyRows.length - shownRows} rows more</p>
      )}
    </section>
  );
}

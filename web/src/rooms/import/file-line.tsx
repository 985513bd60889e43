import { useState } from "react";
import type { ListInWork } from "./use-list.ts";

/** Picking or dropping a file. */
export function PickFile({ onFile }: { onFile: (file: File) => void }) {
  const [over, setOver] = useState(false);
  return (
    <section
      aria-label="File"
      className={`flex flex-wrap items-center gap-4 border border-dashed p-4 ${over ? "border-ink bg-second" : "border-rule"}`}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        const [file] = e.dataTransfer.files;
        if (file) onFile(file);
      }}
    >
      <label className="act-first cursor-pointer focus-within:outline-2 focus-within:outline-ink">
        Select a list
        <input
          type="file"
          accept=".csv,.txt,.tsv,.xlsx,text/csv,text/plain,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) onFile(file);
            e.target.value = "";
          }}
        />
      </label>
      <span className="text-dim">
        or drop it here. A workbook (XLSX) or a text file with commas, semicolons or tabs, with one row for
        each tag or case. Up to 10 000 tags.
      </span>
    </section>
  );
}

const few = (rows: readonly number[]) => `${rows.slice(0, 8).join(", ")}${rows.length > 8 ? " …" : ""}`;

/** Content of the file, and what was skipped. */
export function FileLine({ list }: { list: ListInWork }) {
  const { loaded, view } = list;
  if (!loaded) return null;
  const { name, file, sheet, head, remembered, draft } = loaded;
  const headed = head.headingRows;
  return (
    <>
      <p className="mt-3 flex flex-wrap items-baseline gap-x-2 text-dim">
        <strong className="text-ink">{name}</strong>
        {file && file.sheets.length > 1 && (
          <label>
            sheet{" "}
            <select
              className="field w-auto! border-b-rule! text-ink"
              value={sheet}
              onChange={(e) => void list.showSheet(Number(e.target.value))}
            >
              {file.sheets.map((sheet, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: sheets of a file have no other identity
                <option key={index} value={index}>
                  {sheet.name} ({sheet.rows} rows)
                </option>
              ))}
            </select>
          </label>
        )}
        <span>
          {head.rows} rows
          {headed.length > 0 &&
            `, headings in ${headed.length > 1 ? `rows ${headed.join(" and ")}` : `row ${headed[0]}`}`}
          , decimal {head.decimal === "," ? "comma" : "point"}
        </span>
        {draft && <span>set aside when last stored</span>}
        {remembered && <span className="text-holds">read like earlier lists with these headings</span>}
        {file?.note && <span className="text-tight">{file.note}</span>}
      </p>
      {head.hidden.length > 0 && (
        <p className="text-tight">
          {head.hidden.length} {head.hidden.length === 1 ? "row is" : "rows are"} hidden in the file but
          included: {few(head.hidden)}.
        </p>
      )}
      {head.skipped.length > 0 && (
        <details className="text-dim">
          <summary className="cursor-pointer">
            {head.skipped.length} {head.skipped.length === 1 ? "row was" : "rows were"} skipped: titles,
            notes, repeated headings
          </summary>
          <ul className="max-h-32 overflow-auto">
            {head.skipped.map(({ row, why }) => (
              <li key={row}>
                row {row}: {why}
              </li>
            ))}
          </ul>
        </details>
      )}
      {view && view.repeated.length > 0 && (
        <p className="text-dim">
          {view.repeated.length} {view.repeated.length === 1 ? "row is" : "rows are"} identical to another and{" "}
          {view.repeated.length === 1 ? "is" : "are"} read once: {few(view.repeated.map(({ row }) => row))}.
        </p>
      )}
    </>
  );
}

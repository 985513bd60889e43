import type { ImportResult } from "@proven-seat/contract";
import {
  type ColumnMapping,
  type CsvTable,
  convertLineList,
  guessMapping,
  lineListField,
  lineListFields,
  NotATable,
  readCsv,
  unitChoices,
  unitFor,
} from "@proven-seat/core/line-list";
import { useDeferredValue, useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { ApiProblem, call } from "../../app/api.ts";
import { queryClient, useProject } from "../../app/queries.ts";
import { InHeader } from "../../app/slots.tsx";
import { NotAList, readListFile } from "./read-file.ts";

const previewRows = 8;
const shownFaults = 200;

interface Loaded {
  readonly name: string;
  readonly note: string | null;
  readonly table: CsvTable;
}

/** Line list in: file, columns, preview, faults; all of it or nothing. */
export function ImportRoom() {
  const project = useProject();
  const navigate = useNavigate();
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [mapping, setMapping] = useState<ColumnMapping[]>([]);
  const [existing, setExisting] = useState<"refuse" | "update">("refuse");
  const [failure, setFailure] = useState<string | null>(null);
  const [working, setWorking] = useState(false);
  const [over, setOver] = useState(false);
  const settled = useDeferredValue(mapping);
  const reading = useMemo(() => (loaded ? convertLineList(loaded.table, settled) : null), [loaded, settled]);

  const load = async (file: File | undefined) => {
    if (!file) return;
    setFailure(null);
    try {
      const { text, note } = await readListFile(file);
      const table = readCsv(text);
      setLoaded({ name: file.name, note, table });
      setMapping(guessMapping(table.headings));
    } catch (error) {
      setLoaded(null);
      setFailure(
        error instanceof NotAList || error instanceof NotATable
          ? error.message
          : `${file.name} could not be read: ${(error as Error).message}`,
      );
    }
  };
  const remap = (at: number, change: Partial<ColumnMapping>) =>
    setMapping(mapping.map((m, i) => (i === at ? { ...m, ...change } : m)));
  const bring = async () => {
    if (!project || !reading?.tags) return;
    setWorking(true);
    setFailure(null);
    try {
      const result = await call<ImportResult>("importTags", {
        parameters: { id: project.id },
        body: { tags: reading.tags, existing },
      });
      await queryClient.invalidateQueries({ queryKey: ["tags"] });
      void queryClient.invalidateQueries({ queryKey: ["projects"] });
      void navigate("/line-up", { state: result });
    } catch (error) {
      setFailure(
        error instanceof ApiProblem && error.problem.type.endsWith("tags-exist")
          ? `${error.message} Choose "update them" below to replace their duties.`
          : (error as Error).message,
      );
      setWorking(false);
    }
  };

  return (
    <div className="h-full overflow-auto px-6 py-4">
      <InHeader>
        <h1 className="truncate text-[13px] font-normal text-dim">
          {project ? `${project.name} / ` : ""}
          <span className="font-semibold text-ink">Import a line list</span>
        </h1>
      </InHeader>
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
          void load(e.dataTransfer.files[0]);
        }}
      >
        <label className="act-first cursor-pointer focus-within:outline-2 focus-within:outline-ink">
          Pick a CSV file
          <input
            type="file"
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => {
              void load(e.target.files?.[0]);
              e.target.value = "";
            }}
          />
        </label>
        <span className="text-dim">
          or drop it here. Comma, semicolon or tab; one row a tag, or one row a case. Up to 10 000 tags.
        </span>
        <Link className="quiet ml-auto" to="/line-up">
          back to the line-up
        </Link>
      </section>
      {failure && (
        <p role="alert" className="mt-3 border-l-2 border-fails pl-3 text-fails">
          {failure}
        </p>
      )}
      {loaded && reading && (
        <>
          <p className="mt-3 text-dim">
            <strong className="text-ink">{loaded.name}</strong>: {loaded.table.rows.length} rows, columns
            parted by {loaded.table.delimiter === "\t" ? "tabs" : `"${loaded.table.delimiter}"`}, decimal{" "}
            {loaded.table.decimal === "," ? "comma" : "point"}
            {loaded.note && <span className="text-tight"> · {loaded.note}</span>}
          </p>
          <h2 className="mt-3">Columns</h2>
          <p className="text-dim">
            Guessed from the headings; correct what is wrong. A column that goes nowhere is left out.
          </p>
          <div className="mt-2 overflow-x-auto pb-2">
            <table className="border-collapse text-left" tabIndex={0}>
              <thead>
                <tr>
                  {loaded.table.headings.map((heading, at) => (
                    <th
                      key={heading || at}
                      scope="col"
                      className="min-w-32 border-b border-rule pr-4 pb-1 align-top font-semibold"
                    >
                      {heading || "(no heading)"}
                      <select
                        className={`field mt-1 border-b-rule! ${mapping[at]?.field ? "" : "text-tight!"}`}
                        aria-label={`Column ${heading} goes to`}
                        value={mapping[at]?.field ?? ""}
                        onChange={(e) => {
                          const field = lineListField(e.target.value);
                          remap(at, {
                            field: field?.id ?? null,
                            unit: field ? unitFor(field, heading) : null,
                          });
                        }}
                      >
                        <option value="">left out</option>
                        {lineListFields.map((f) => (
                          <option key={f.id} value={f.id}>
                            {f.label}
                          </option>
                        ))}
                      </select>
                      {unitChoices(mapping[at]?.field ?? null).length > 0 && (
                        <select
                          className="field mt-0.5 border-b-rule!"
                          aria-label={`Unit of column ${heading}`}
                          value={mapping[at]?.unit ?? ""}
                          onChange={(e) => remap(at, { unit: e.target.value })}
                        >
                          {unitChoices(mapping[at]!.field).map((unit) => (
                            <option key={unit}>{unit}</option>
                          ))}
                        </select>
                      )}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {loaded.table.rows.slice(0, previewRows).map((row, r) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: rows of a file have no other identity
                  <tr key={r}>
                    {loaded.table.headings.map((heading, at) => (
                      <td key={heading || at} className="max-w-48 truncate border-b border-rule/60 pr-4">
                        {row[at] ?? ""}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          {reading.tags ? (
            <div className="mt-3 flex flex-wrap items-center gap-4">
              <button type="button" className="act-first" disabled={working} onClick={() => void bring()}>
                {working
                  ? "Importing …"
                  : `Import ${reading.tags.length} ${reading.tags.length === 1 ? "tag" : "tags"}`}
              </button>
              <label className="flex items-center gap-2">
                tags already in the project
                <select
                  className="field w-auto! border-b-rule!"
                  value={existing}
                  onChange={(e) => setExisting(e.target.value as "refuse")}
                >
                  <option value="refuse">stop the import</option>
                  <option value="update">update them</option>
                </select>
              </label>
              <span className="text-dim">
                {reading.tags.reduce((n, t) => n + t.duty.cases.length, 0)} operating cases in all
              </span>
            </div>
          ) : (
            <section aria-label="Faults" className="mt-3">
              <h2 className="text-fails">
                {reading.faults.length} {reading.faults.length === 1 ? "fault" : "faults"}: nothing is
                imported until all are mended
              </h2>
              <table className="mt-1 text-left">
                <thead className="text-dim">
                  <tr>
                    <th className="pr-6 font-normal">row</th>
                    <th className="pr-6 font-normal">column</th>
                    <th className="font-normal">what is wrong</th>
                  </tr>
                </thead>
                <tbody>
                  {reading.faults.slice(0, shownFaults).map((f) => (
                    <tr key={`${f.row}${f.column}${f.reason}`}>
                      <td className="figures pr-6">{f.row}</td>
                      <td className="pr-6">{f.column}</td>
                      <td>{f.reason}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {reading.faults.length > shownFaults && (
                <p className="text-dim">and {reading.faults.length - shownFaults} more</p>
              )}
            </section>
          )}
        </>
      )}
    </div>
  );
}

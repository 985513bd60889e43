import type { TagRow } from "@proven-seat/contract";
import {
  type ColumnMapping,
  type CsvTable,
  convertLineList,
  guessMapping,
  type ListedTag,
  NotATable,
  readCsv,
} from "@proven-seat/core/line-list";
import { tagKey } from "@proven-seat/core/text";
import { useDeferredValue, useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { ApiProblem, call } from "../../app/api.ts";
import { queryClient, useProject, useTagRows } from "../../app/queries.ts";
import { InHeader } from "../../app/slots.tsx";
import { Columns } from "./columns.tsx";
import { Faults } from "./faults.tsx";
import { NotAList, readListFile } from "./read-file.ts";

interface Loaded {
  readonly name: string;
  readonly note: string | null;
  readonly table: CsvTable;
}

/** Each tag with the version of the one it would replace, as the line-up shows it. */
function withVersions(tags: readonly ListedTag[], rows: readonly TagRow[]) {
  const versions = new Map(rows.map(({ number, version }) => [tagKey(number), version]));
  return tags.map((tag) => ({ ...tag, version: versions.get(tagKey(tag.number)) }));
}

/** Line list in: file, columns, preview, faults; all of it or nothing. */
export function ImportRoom() {
  const project = useProject();
  const rows = useTagRows(project?.id);
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
      const result = await call("importTags", {
        parameters: { id: project.id },
        body: { tags: withVersions(reading.tags, rows.data ?? []), existing },
      });
      await queryClient.invalidateQueries({ queryKey: ["tags"] });
      void queryClient.invalidateQueries({ queryKey: ["projects"] });
      void navigate("/line-up", { state: result });
    } catch (error) {
      const kind = error instanceof ApiProblem ? error.problem.type : "";
      setFailure(
        kind.endsWith("tags-exist")
          ? `${(error as Error).message} Choose "update them" below to replace their duties.`
          : kind.endsWith("stale")
            ? `${(error as Error).message} Import again to replace what is there by now.`
            : (error as Error).message,
      );
      if (kind.endsWith("stale")) await rows.refetch();
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
          <Columns table={loaded.table} mapping={mapping} onRemap={remap} />
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
            <Faults faults={reading.faults} />
          )}
        </>
      )}
    </div>
  );
}

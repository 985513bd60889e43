import type { CatalogueVersion } from "@proven-seat/contract";
import type { CatalogueChange } from "@proven-seat/core/equipment/catalogue";
import { useRef, useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import type { CatalogueImport } from "../../workers/catalogue-api.ts";
import { catalogueWork } from "./catalogue-work.ts";
import { Changes } from "./changes.tsx";

const mostBytes = 25 * 1024 * 1024;
const shownFaults = 300;

interface Read extends CatalogueImport {
  readonly names: string;
  readonly changes: readonly CatalogueChange[];
}

/** A catalogue in: file, faults by row or what would change, then all of it or nothing. */
export function ImportCatalogue({ current }: { current: CatalogueVersion }) {
  const picker = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<Read | null>(null);
  const [reason, setReason] = useState("");
  const [state, setState] = useState<"idle" | "reading" | "saving">("idle");
  const [trouble, setTrouble] = useState<string | null>(null);
  const load = async (list: FileList | null) => {
    const files = [...(list ?? [])];
    if (files.length === 0) return;
    setTrouble(null);
    setRead(null);
    if (files.reduce((n, f) => n + f.size, 0) > mostBytes)
      return setTrouble(
        "More than 25 MB: split the catalogue, or leave out lines that are no longer needed.",
      );
    setState("reading");
    try {
      const picked = await Promise.all(
        files.map(async (f) => ({ name: f.name, bytes: new Uint8Array(await f.arrayBuffer()) })),
      );
      const result = await catalogueWork().read(picked);
      const changes = result.catalogue
        ? await catalogueWork().difference(current.catalogue, result.catalogue)
        : [];
      setRead({ ...result, changes, names: files.map((f) => f.name).join(", ") });
    } catch (error) {
      setTrouble((error as Error).message);
    }
    setState("idle");
  };
  const put = async () => {
    setState("saving");
    setTrouble(null);
    try {
      await call("newCatalogue", {
        body: { catalogue: read!.catalogue, reason: reason.trim(), basedOn: current.revision },
      });
      await Promise.all(
        ["catalogue", "catalogue-versions"].map((key) => queryClient.invalidateQueries({ queryKey: [key] })),
      );
      setRead(null);
      setReason("");
    } catch (error) {
      setTrouble((error as Error).message);
    }
    setState("idle");
  };
  return (
    <section aria-label="Import a catalogue" className="grid gap-2">
      <h2>Bring in a catalogue</h2>
      <p className="text-dim">
        One JSON document, one ZIP of tables, or the CSV tables themselves. Nothing is taken over while
        anything is wrong.
      </p>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: dropping is a shortcut; the button does the same */}
      <div
        className="border border-dashed border-rule p-3 text-center"
        onDragOver={(e) => e.preventDefault()}
        onDrop={(e) => {
          e.preventDefault();
          void load(e.dataTransfer.files);
        }}
      >
        <button
          type="button"
          className="act"
          disabled={state !== "idle"}
          onClick={() => picker.current?.click()}
        >
          {state === "reading" ? "Reading …" : "Pick files"}
        </button>
        <span className="ml-2 text-dim">or drop them here</span>
        <input
          ref={picker}
          type="file"
          multiple
          accept=".json,.zip,.csv"
          className="sr-only"
          aria-label="catalogue files"
          tabIndex={-1}
          onChange={(e) => {
            void load(e.target.files);
            e.target.value = "";
          }}
        />
      </div>
      {trouble && (
        <p role="alert" className="text-fails">
          {trouble}
        </p>
      )}
      {read && read.faults.length > 0 && (
        <div role="alert">
          <p className="mb-1">
            <strong className="text-fails">
              {read.faults.length} {read.faults.length === 1 ? "fault" : "faults"}
            </strong>{" "}
            in {read.names}; nothing is taken over.
          </p>
          <div className="max-h-72 overflow-auto border border-rule">
            <table className="w-full text-left text-[12px]">
              <thead className="text-dim">
                <tr>
                  <th className="px-1 font-normal">file</th>
                  <th className="px-1 text-right font-normal">row</th>
                  <th className="px-1 font-normal">field</th>
                  <th className="px-1 font-normal">what is wrong</th>
                </tr>
              </thead>
              <tbody>
                {read.faults.slice(0, shownFaults).map((f) => (
                  <tr
                    key={`${f.file} ${f.row} ${f.field} ${f.reason}`}
                    className="border-t border-rule/60 align-baseline"
                  >
                    <td className="px-1">{f.file}</td>
                    <td className="figures px-1 text-right">{f.row ?? "–"}</td>
                    <td className="px-1 break-all">{f.field}</td>
                    <td className="px-1">{f.reason}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          {read.faults.length > shownFaults && (
            <p className="text-dim">and {read.faults.length - shownFaults} more</p>
          )}
        </div>
      )}
      {read?.catalogue && (
        <form
          className="grid gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void put();
          }}
        >
          <p>
            <strong>{read.catalogue.name}</strong>: {read.catalogue.lines.length} lines,{" "}
            {read.catalogue.drives.length} families of drives, {read.catalogue.accessories.length} of
            accessories, no fault. Against revision {current.revision}:
          </p>
          <Changes changes={read.changes} />
          {read.changes.length > 0 && (
            <>
              <label className="grid gap-1">
                <span>Where does it come from?</span>
                <input
                  className="field border-b-rule!"
                  required
                  maxLength={500}
                  value={reason}
                  onChange={(e) => setReason(e.target.value)}
                />
              </label>
              <p className="flex gap-3">
                <button
                  type="submit"
                  className="act-first"
                  disabled={reason.trim() === "" || state !== "idle"}
                >
                  Put revision {current.revision + 1} on the shelf
                </button>
                <button type="button" className="quiet" onClick={() => setRead(null)}>
                  leave it
                </button>
              </p>
            </>
          )}
        </form>
      )}
    </section>
  );
}

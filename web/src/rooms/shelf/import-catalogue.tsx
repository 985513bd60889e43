import type { CatalogueVersion } from "@proven-seat/contract";
import type { CatalogueWork } from "../../workers/catalogue-work.ts";
import { FaultList } from "./fault-list.tsx";
import { ImportRevision } from "./import-revision.tsx";
import { PickFiles } from "./pick-files.tsx";
import { useCatalogueImport } from "./use-catalogue-import.ts";

interface Props {
  current: CatalogueVersion;
  work: () => CatalogueWork["api"];
}

/** Importing a catalogue: file, faults by row or the changes, then all of it or nothing. */
export function ImportCatalogue({ current, work }: Props) {
  const { read, state, trouble, readFiles, put, leave } = useCatalogueImport(current, work);
  return (
    <section aria-label="Import a catalogue" className="grid gap-2">
      <h2>Import a catalogue</h2>
      <p className="text-dim">
        One JSON document, one ZIP file of tables, or the CSV tables. Nothing is imported while a fault
        remains.
      </p>
      <PickFiles state={state} onFiles={(files) => void readFiles(files)} />
      {trouble && (
        <p role="alert" className="text-fails">
          {trouble}
        </p>
      )}
      {read && read.faults.length > 0 && <FaultList faults={read.faults} names={read.names} />}
      {read?.catalogue && (
        <ImportRevision
          catalogue={read.catalogue}
          changes={read.changes}
          revision={current.revision}
          idle={state === "idle"}
          onPut={(reason) => void put(reason)}
          onLeave={leave}
        />
      )}
    </section>
  );
}

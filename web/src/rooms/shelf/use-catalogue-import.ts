import type { CatalogueVersion } from "@proven-seat/contract";
import type { CatalogueChange } from "@proven-seat/core/equipment/catalogue";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import type { CatalogueImport } from "../../workers/catalogue-api.ts";
import type { CatalogueWork } from "../../workers/catalogue-work.ts";

const mostBytes = 25 * 1024 * 1024;

/** A catalogue read from files: its faults, or its changes against the current revision. */
export interface ReadCatalogue extends CatalogueImport {
  readonly names: string;
  readonly changes: readonly CatalogueChange[];
}

/** Reads a catalogue from files and stores it as the next revision. */
export function useCatalogueImport(current: CatalogueVersion, work: () => CatalogueWork["api"]) {
  const [read, setRead] = useState<ReadCatalogue | null>(null);
  const [state, setState] = useState<"idle" | "reading" | "saving">("idle");
  const [trouble, setTrouble] = useState<string | null>(null);

  const attempt = async (doing: "reading" | "saving", act: () => Promise<ReadCatalogue | null>) => {
    setState(doing);
    setTrouble(null);
    try {
      setRead(await act());
    } catch (error) {
      setTrouble((error as Error).message);
    }
    setState("idle");
  };

  const readFiles = async (files: readonly File[]) => {
    if (files.length === 0) return;
    setRead(null);
    await attempt("reading", async () => {
      if (files.reduce((bytes, file) => bytes + file.size, 0) > mostBytes)
        throw new Error(
          "The file exceeds 25 MB. Split the catalogue, or remove lines that are no longer needed.",
        );
      const picked = await Promise.all(
        files.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })),
      );
      const result = await work().read(picked);
      const changes = result.catalogue ? await work().difference(current.catalogue, result.catalogue) : [];
      return { ...result, changes, names: files.map(({ name }) => name).join(", ") };
    });
  };

  const put = (reason: string) =>
    attempt("saving", async () => {
      await call("newCatalogue", {
        body: { catalogue: read!.catalogue, reason: reason.trim(), basedOn: current.revision },
      });
      await Promise.all(
        [queryKeys.catalogue(), queryKeys.catalogueVersions()].map((queryKey) =>
          queryClient.invalidateQueries({ queryKey }),
        ),
      );
      return null;
    });

  return { read, state, trouble, readFiles, put, leave: () => setRead(null) };
}

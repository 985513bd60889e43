import { UnpacksToTooMuch, unpack } from "@proven-seat/core/basis/archive";
import {
  type Catalogue,
  type CatalogueChange,
  type CatalogueFault,
  catalogueDifference,
  readCatalogueDocument,
} from "@proven-seat/core/equipment/catalogue";
import { catalogueTables, readCatalogueTables } from "@proven-seat/core/equipment/catalogue-tables";
import { strFromU8, strToU8, zipSync } from "fflate";

/** A file as it was picked. */
export interface PickedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

export interface CatalogueImport {
  readonly catalogue: Catalogue | null;
  readonly faults: readonly CatalogueFault[];
}

/** The tables of forty product lines take a twentieth of it. */
const mostBytes = 200_000_000;

const failed = (file: string, reason: string): CatalogueImport => ({
  catalogue: null,
  faults: [{ file, row: null, field: "(whole file)", reason }],
});
const folded = (name: string) => name.split("/").at(-1)!;

/** Reading and writing catalogues: minutes of rows, off the interface's thread. */
export const catalogueApi = {
  /** One JSON document, one archive of tables, or the tables themselves. */
  read(files: readonly PickedFile[]): CatalogueImport {
    const [first] = files;
    if (!first) return failed("catalogue", "no file was selected");
    if (files.length === 1 && /\.json$/i.test(first.name)) {
      let document: unknown;
      try {
        document = JSON.parse(strFromU8(first.bytes).replace(/^\uFEFF/, ""));
      } catch (error) {
        return failed(first.name, `not JSON: ${(error as Error).message}`);
      }
      return readCatalogueDocument(document);
    }
    let tables: Record<string, string>;
    try {
      tables =
        files.length === 1 && /\.zip$/i.test(first.name)
          ? Object.fromEntries(
              Object.entries(unpack(first.bytes, /\.csv$/i, mostBytes)).map(([name, bytes]) => [
                folded(name),
                strFromU8(bytes),
              ]),
            )
          : Object.fromEntries(files.map((f) => [folded(f.name), strFromU8(f.bytes)]));
    } catch (error) {
      if (error instanceof UnpacksToTooMuch)
        return failed(
          first.name,
          `the tables unpack to more than ${mostBytes / 1e6} MB; remove what is not needed`,
        );
      return failed(first.name, "the archive is damaged; make a new archive of the tables");
    }
    return readCatalogueTables(tables);
  },
  difference: (was: Catalogue, now: Catalogue): CatalogueChange[] => catalogueDifference(was, now),
  /** The tables in one archive. */
  zip: (catalogue: Catalogue): Uint8Array =>
    zipSync(
      Object.fromEntries(
        Object.entries(catalogueTables(catalogue)).map(([name, csv]) => [name, strToU8(csv)]),
      ),
    ),
};

export type CatalogueApi = typeof catalogueApi;

/**
 * Documents written by releases of the program, one archive per release: JSON lines of name and content, compressed.
 * `npm run written:keep` adds the newest release and reduces the older ones to one document per kind and format.
 */
import { readdirSync, readFileSync } from "node:fs";
import { brotliDecompressSync } from "node:zlib";

export interface Written {
  /** For example `sheet-XV-3052.json`; a name that ends in `.csv` has text as its content. */
  readonly name: string;
  readonly content: unknown;
}

export const writtenFolder = new URL("written/", import.meta.url);
export const archiveEnding = ".jsonl.br";

/** Releases with kept documents, the oldest first. */
export const releases: readonly string[] = readdirSync(writtenFolder)
  .map((file) => file.slice(0, -archiveEnding.length))
  .sort((a, b) => a.localeCompare(b, "en", { numeric: true }));

/** Everything kept of a release. */
export const writtenBy = (release: string): Written[] =>
  brotliDecompressSync(readFileSync(new URL(`${release}${archiveEnding}`, writtenFolder)))
    .toString("utf8")
    .trimEnd()
    .split("\n")
    .map((line) => JSON.parse(line) as Written);

import { statSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { archiveEnding, releases, writtenBy, writtenFolder } from "../core/test/written.ts";
import { formatOf, thinned } from "./written.ts";

const archives = releases.map((release) => ({ release, documents: writtenBy(release) }));

describe("documents kept of older releases", () => {
  it("are one per kind and format, beside the whole set of the newest", () => {
    expect(thinned(archives).filter(({ documents }) => documents.length === 0)).toEqual([]);
    const names = (kept: typeof archives) =>
      kept.map(({ documents }) => documents.map(({ name }) => name).sort());
    const byNumber = thinned(archives).sort((a, b) =>
      a.release.localeCompare(b.release, "en", { numeric: true }),
    );
    expect(names(byNumber)).toEqual(names(archives));
  });
  it("show every format of a sheet and of a catalogue", () => {
    const formats = archives.flatMap(({ documents }) => documents.map(formatOf)).join("\n");
    for (const n of [1, 2, 3, 4]) expect(formats).toContain(`proven-seat-sheet/${n}`);
    for (const n of [1, 2, 3, 4, 5, 6]) expect(formats).toContain(`proven-seat-catalogue/${n}`);
  });
  it("are small: less than 50 kB per release", () => {
    const tooLarge = releases.filter(
      (release) => statSync(new URL(`${release}${archiveEnding}`, writtenFolder)).size > 50_000,
    );
    expect(tooLarge).toEqual([]);
  });
});

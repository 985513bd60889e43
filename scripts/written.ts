/**
 * Keeps documents as this release writes them, for later releases: `npm run written:keep`, after the engine's number
 * was raised. Of older releases one document per kind and format stays, so that the archive grows by less than 50 kB.
 */
import { rmSync, writeFileSync } from "node:fs";
import { brotliCompressSync, constants } from "node:zlib";
import { defaultHouseRules, storedHouseRules } from "@proven-seat/core/basis/house";
import { engineVersion } from "@proven-seat/core/judgement/proof";
import { writeCsv } from "../core/src/duty/line-list/export.ts";
import { demoCatalogue, demoTags } from "../core/test/demo.ts";
import { sheetOf } from "../core/test/demo-sheet.ts";
import { archiveEnding, releases, type Written, writtenBy, writtenFolder } from "../core/test/written.ts";

/** A control valve, a manual one, a tight one, one with a gearbox and one that nothing suits. */
const sheets = ["FV-5010", "HV-1012", "XV-1048", "XV-3052", "XV-3074"];

/** Some entries of each kind, because the whole catalogue would fill the archive. */
const smallCatalogue = {
  ...demoCatalogue,
  lines: demoCatalogue.lines.slice(0, 4),
  drives: demoCatalogue.drives.slice(0, 5),
  accessories: demoCatalogue.accessories.slice(0, 5),
};

/** Documents of this release, one of every kind. */
function newest(): Written[] {
  const duties = Object.fromEntries(demoTags.map(({ number, duty }) => [number, duty]));
  const rows = demoTags.map((tag) => ({ ...tag, unit: "", remarks: {} }));
  return [
    { name: "catalogue.json", content: smallCatalogue },
    { name: "duties.json", content: duties },
    { name: "house-rules.json", content: storedHouseRules(defaultHouseRules()) },
    { name: "line-list.csv", content: writeCsv(rows) },
    ...sheets.map((number) => ({ name: `sheet-${number}.json`, content: sheetOf(number) })),
  ];
}

type Versioned = { readonly format?: string; readonly inputs?: Readonly<Record<string, Versioned>> };

/**
 * Kind and format of a document, with the formats inside it: one of each is enough. A line list has no format, nor have
 * house rules and duties of the first releases: they are recognised by missing parts.
 */
export function formatOf({ name, content }: Written): string {
  const kind = name.replace(/[-.].*/, "");
  if (typeof content === "string") return `${kind} ${content.split("\n")[0]}`;
  const { format = "unmarked", inputs } = content as Versioned;
  const first =
    kind === "duties"
      ? (Object.values(content as Record<string, Versioned>)[0]?.format ?? "unmarked")
      : format;
  const carried = Object.values(inputs ?? {}).map(
    (input) => (input as Versioned | null)?.format ?? "unmarked",
  );
  const lacking = kind === "house" ? Object.keys(content as object) : [];
  return [kind, first, ...carried, ...lacking].join(" ");
}

/** Keeps, of each older release, what no newer one covers. */
export function thinned(archives: readonly { release: string; documents: readonly Written[] }[]) {
  const seen = new Set(archives.at(-1)?.documents.map(formatOf));
  return archives
    .slice(0, -1)
    .reverse()
    .map(({ release, documents }) => ({
      release,
      documents: documents.filter((document) => {
        const format = formatOf(document);
        if (seen.has(format)) return false;
        seen.add(format);
        return true;
      }),
    }))
    .concat(archives.slice(-1).map(({ release, documents }) => ({ release, documents: [...documents] })));
}

const archived = (documents: readonly Written[]) =>
  brotliCompressSync(Buffer.from(documents.map((document) => `${JSON.stringify(document)}\n`).join("")), {
    params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_LGWIN]: 24 },
  });

if (process.argv[1] === import.meta.filename) {
  if (releases.includes(engineVersion)) {
    console.error(`Documents of engine ${engineVersion} are kept already. Raise the engine's number first.`);
    process.exit(1);
  }
  const older = releases.map((release) => ({ release, documents: writtenBy(release) }));
  for (const { release, documents } of thinned([...older, { release: engineVersion, documents: newest() }])) {
    const file = new URL(`${release}${archiveEnding}`, writtenFolder);
    if (documents.length === 0) rmSync(file, { force: true });
    else writeFileSync(file, archived(documents));
    console.log(
      `${release}: ${documents.map(({ name }) => name).join(", ") || "nothing that newer ones lack"}`,
    );
  }
}

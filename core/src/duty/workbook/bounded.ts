import { strFromU8, strToU8, zipSync } from "fflate";
import { UnpacksToTooMuch, unpack } from "../../basis/archive/unpack.ts";
import { mostRows, NotATable } from "../line-list/grid.ts";

/** Ten thousand tags with every column take half of it. */
const mostBytes = 64 * 1024 * 1024;
/** Ten thousand tags have a third of it. */
const mostCells = 2_000_000;
const mostMergedCells = 200_000;

/** Parts of a workbook that hold what a reader sees in its cells. */
const needed =
  /^\/?(\[Content_Types\]\.xml|_rels\/\.rels|xl\/(workbook|styles|sharedStrings)\.xml|xl\/_rels\/workbook\.xml\.rels|xl\/worksheets\/[^/]+\.xml)$/;

const column = (letters: string) => [...letters].reduce((n, letter) => n * 26 + letter.charCodeAt(0) - 64, 0);

/** Cells that a range such as "A1:C3" covers; 0 where it is no range. */
function cellsIn(range: string): number {
  const found = /^([A-Z]{1,3})(\d{1,7}):([A-Z]{1,3})(\d{1,7})$/.exec(range);
  if (found === null) return 0;
  const [, left, top, right, bottom] = found as unknown as [string, string, string, string, string];
  return (Math.abs(column(right) - column(left)) + 1) * (Math.abs(Number(bottom) - Number(top)) + 1);
}

/** How often a sheet opens an element. */
const opened = (xml: string, element: string) => xml.split(new RegExp(`<${element}\\b`)).length - 1;

/**
 * A sheet rebuilt from its cells and merged ranges. Whatever else it says of ranges, before, between or behind them, would
 * be spread over every cell.
 */
function plainSheet(xml: string): string {
  const root = /<worksheet\b[^>]*>/.exec(xml)?.[0] ?? "<worksheet>";
  const open = /<sheetData\b[^>]*>/.exec(xml);
  if (open === null || open[0].endsWith("/>")) return `${root}<sheetData/></worksheet>`;
  const inside = xml.slice(open.index + open[0].length);
  const close = /<\/sheetData\s*>/.exec(inside);
  if (close === null) throw new Error("the cells of a sheet do not end");
  const cells = inside.slice(0, close.index);
  if (opened(cells, "row") > mostRows || opened(cells, "c") > mostCells)
    throw new NotATable("A sheet has more rows or cells than ten thousand tags could need. Split it.");
  const behind = inside.slice(close.index);
  const merged = [...behind.matchAll(/<mergeCell\b[^>]*?\bref="([^"]{1,40})"/g)].map(([, range]) => range!);
  const count = merged.reduce((sum, range) => sum + cellsIn(range), 0);
  if (count > mostMergedCells)
    throw new NotATable(
      `A sheet merges ${count} cells, more than ${mostMergedCells}. Undo the merging of whole rows and columns, and save it again.`,
    );
  const ranges = merged.map((range) => `<mergeCell ref="${range}"/>`).join("");
  const merging = ranges === "" ? "" : `<mergeCells count="${merged.length}">${ranges}</mergeCells>`;
  return `${root}<sheetData>${cells}</sheetData>${merging}</worksheet>`;
}

function partsOf(bytes: Uint8Array): Record<string, Uint8Array> {
  try {
    return unpack(bytes, needed, mostBytes);
  } catch (error) {
    if (!(error instanceof UnpacksToTooMuch)) throw error;
    throw new NotATable(
      `The workbook unpacks to more than ${mostBytes / 1024 / 1024} MB. Save the list alone in a new workbook, or as CSV.`,
    );
  }
}

/**
 * A workbook reduced to its cells, so that no file unpacks to more than memory holds.
 *
 * @param bytes a ZIP file
 * @returns the same cells, unpacked, without drawings, names, validations and formats of ranges
 * @throws NotATable where it unpacks to more than 64 MB, or has or merges too many cells; the error of the unpacking where it
 *   is no ZIP file
 * @source ECMA-376
 */
export function boundedWorkbook(bytes: Uint8Array): Uint8Array {
  const parts = partsOf(bytes);
  const plain: Record<string, Uint8Array> = {};
  for (const [path, content] of Object.entries(parts)) {
    const name = path.replace(/^\//, "");
    plain[name] = name.startsWith("xl/worksheets/")
      ? strToU8(plainSheet(strFromU8(content)))
      : name === "xl/workbook.xml"
        ? strToU8(strFromU8(content).replace(/<definedNames\b[\s\S]*<\/definedNames\s*>/, ""))
        : content;
  }
  return zipSync(plain, { level: 0 });
}

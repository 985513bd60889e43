import ExcelJS from "exceljs";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { beforeAll, describe, expect, it } from "vitest";
import { NotATable } from "../line-list/grid.ts";
import { boundedWorkbook } from "./bounded.ts";
import { gridsOfWorkbook } from "./read.ts";

const sheetPath = "xl/worksheets/sheet1.xml";
const wholeSheet = "A1:XFD1048576";

/** A workbook of one tag, with parts changed. */
async function book(change: Readonly<Record<string, (xml: string) => string>>): Promise<Uint8Array> {
  const workbook = new ExcelJS.Workbook();
  workbook.addWorksheet("List").addRows([
    ["Tag", "Size"],
    ["XV-1", 50],
  ]);
  const parts = unzipSync(new Uint8Array(await workbook.xlsx.writeBuffer()));
  for (const [path, changed] of Object.entries(change))
    parts[path] = strToU8(changed(strFromU8(parts[path]!)));
  return zipSync(parts);
}
const behindCells = (more: string) =>
  book({ [sheetPath]: (xml) => xml.replace("</sheetData>", `</sheetData>${more}`) });
const read = async (bytes: Uint8Array) => (await gridsOfWorkbook(bytes.slice().buffer))[0]!.rows;
const list = [
  ["Tag", "Size"],
  ["XV-1", 50],
];

/** Sets the size a ZIP file states for its parts. */
function stating(zip: Uint8Array, size: number): Uint8Array {
  const view = new DataView(zip.buffer, zip.byteOffset, zip.byteLength);
  for (let at = 0; at + 4 < zip.length; at++)
    if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, size, true);
  return zip;
}

describe("a workbook made to fill the memory", () => {
  let large: Uint8Array;
  beforeAll(async () => {
    large = await book({
      [sheetPath]: (xml) => xml.replace("<sheetData>", `${" ".repeat(70_000_000)}<sheetData>`),
    });
  });
  it("is refused by the size it states", async () => {
    expect(large.length).toBeLessThan(300_000);
    await expect(read(large)).rejects.toThrow(/unpacks to more than 64 MB/);
  });
  it("is not unpacked beyond the size it states", async () => {
    const bytes = stating(large.slice(), 1000);
    expect(boundedWorkbook(bytes).length).toBeLessThan(20_000);
    await expect(read(bytes)).rejects.toThrow(NotATable);
  });
  it("is refused where it merges a million cells", async () => {
    await expect(
      read(await behindCells(`<mergeCells count="1"><mergeCell ref="${wholeSheet}"/></mergeCells>`)),
    ).rejects.toThrow(/merges \d+ cells/);
    const many = Array.from({ length: 300 }, (_, i) => `<mergeCell ref="A${i * 10 + 5}:Z${i * 10 + 60}"/>`);
    await expect(read(await behindCells(many.join("")))).rejects.toThrow(/merges \d+ cells/);
  });
  it("is refused where it has more cells than any list", async () => {
    const cells = '<row r="3">'.concat('<c r="A3"/>'.repeat(2_000_001), "</row>");
    const bytes = await book({ [sheetPath]: (xml) => xml.replace("</sheetData>", `${cells}</sheetData>`) });
    await expect(read(bytes)).rejects.toThrow(/more rows or cells/);
  });
  it("is refused where its cells stand far apart", async () => {
    const rows = Array.from(
      { length: 400 },
      (_, i) => `<row r="${i + 3}"><c r="XFD${i + 3}"><v>1</v></c></row>`,
    );
    const bytes = await book({
      [sheetPath]: (xml) => xml.replace("</sheetData>", `${rows.join("")}</sheetData>`),
    });
    await expect(read(bytes)).rejects.toThrow(/spans 16384 columns/);
  });
});

describe("a workbook with more than cells", () => {
  it.each([
    [
      "validations",
      `<dataValidations count="1"><dataValidation type="list" sqref="${wholeSheet}"><formula1>"a,b"</formula1></dataValidation></dataValidations>`,
    ],
    [
      "formats",
      `<conditionalFormatting sqref="${wholeSheet}"><cfRule type="duplicateValues" priority="1"/></conditionalFormatting>`,
    ],
    ["drawings that are not there", '<drawing r:id="rId9"/><legacyDrawing r:id="rId8"/>'],
  ])("is read without its %s", async (_, more) => {
    expect(await read(await behindCells(more))).toEqual(list);
  });
  const validations = `<dataValidations count="1"><dataValidation type="list" sqref="${wholeSheet}"/></dataValidations>`;
  it.each([
    ["before its cells", "<sheetData>", `${validations}<sheetData>`],
    ["behind an end with a blank", "</sheetData>", `</sheetData >${validations}<sheetData></sheetData>`],
    ["before a false end", "</sheetData>", `</sheetData>${validations}<!--</sheetData>-->`],
    ["behind a false beginning", "<sheetData>", `<!--<sheetData>-->${validations}<sheetData>`],
  ])("is rid of validations that stand %s", async (_, at, instead) => {
    const bytes = await book({ [sheetPath]: (xml) => xml.replace(at, instead) });
    expect(
      strFromU8(unzipSync(boundedWorkbook(bytes))[sheetPath]!).replace(/<sheetData>.*<\/sheetData>/s, ""),
    ).not.toMatch(/dataValidation/);
    await read(bytes).catch((error) => expect(error).toBeInstanceOf(NotATable));
  });
  it("is read where it has no cells in a second sheet", async () => {
    const bytes = await book({
      [sheetPath]: (xml) => xml.replace(/<sheetData>.*<\/sheetData>/s, "<sheetData/>"),
    });
    await expect(read(bytes)).rejects.toThrow(/holds nothing/);
  });
  it("is read without its names of ranges", async () => {
    const bytes = await book({
      "xl/workbook.xml": (xml) =>
        xml.replace(
          "</sheets>",
          "</sheets><definedNames a=''><definedName name='all'>List!$A$1:$XFD$1048576</definedName></definedNames>",
        ),
    });
    expect(await read(bytes)).toEqual(list);
  });
  it("keeps its merged cells", async () => {
    expect(
      await read(await behindCells('<mergeCells count="1"><mergeCell ref="A2:B2"/></mergeCells>')),
    ).toEqual([
      ["Tag", "Size"],
      ["XV-1", "XV-1"],
    ]);
  });
});

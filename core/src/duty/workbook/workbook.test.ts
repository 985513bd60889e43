import ExcelJS from "exceljs";
import { describe, expect, it } from "vitest";
import { NotATable } from "../line-list/grid.ts";
import { readListFile } from "./file.ts";
import { workbookOf } from "./write.ts";

const bytes = (text: string) => new TextEncoder().encode(text);
const bookOf = async (fill: (sheet: ExcelJS.Worksheet, book: ExcelJS.Workbook) => void) => {
  const book = new ExcelJS.Workbook();
  fill(book.addWorksheet("List"), book);
  return readListFile(new Uint8Array(await book.xlsx.writeBuffer()));
};

describe("the file of a list", () => {
  it("is read as UTF-8, as UTF-16 by its mark, else in the Western encoding, and reports which", async () => {
    expect((await readListFile(bytes("Tag;Größe\nA1;2"))).note).toBeNull();
    const marked = new Uint8Array([
      0xff,
      0xfe,
      ...new Uint8Array(new Uint16Array([..."Tag,²\nA1,2"].map((c) => c.charCodeAt(0))).buffer),
    ]);
    const utf16 = await readListFile(marked);
    expect([utf16.note, utf16.grids[0]!.rows[0]]).toEqual(["read as UTF-16", ["Tag", "²"]]);
    const western = await readListFile(new Uint8Array([0x54, 0xe9, 0x2c, 0x31]));
    expect(western.grids[0]!.rows).toEqual([["Té", "1"]]);
    expect(western.note).toMatch(/Check accents/);
  });
  it("that is a broken workbook is refused with what to do", async () => {
    await expect(readListFile(new Uint8Array([0x50, 0x4b, 3, 4, 0]))).rejects.toThrow(NotATable);
    await expect(readListFile(new Uint8Array([0x50, 0x4b, 3, 4, 0]))).rejects.toThrow(
      /without a password, or as CSV/,
    );
  });
});

describe("a workbook", () => {
  it("is read as displayed", async () => {
    const { grids } = await bookOf((sheet, book) => {
      sheet.addRow([
        "a",
        1.5,
        true,
        new Date(Date.UTC(2026, 0, 31)),
        { formula: "B1*2", result: 3 },
        { error: "#N/A" },
        { text: "link", hyperlink: "https://example.invalid" },
      ]);
      sheet.addRow([{ richText: [{ text: "so" }, { text: "ur" }] }, 0.125, null, 12]);
      sheet.getCell("B2").numFmt = "0.0%";
      sheet.getCell("D2").numFmt = '0" barg"';
      sheet.mergeCells("A3:B3");
      sheet.getCell("A3").value = "both";
      sheet.getRow(2).hidden = true;
      book.addWorksheet("empty");
      const gone = book.addWorksheet("gone");
      gone.addRow(["x"]);
      gone.state = "veryHidden";
    });
    expect(grids.map(({ name }) => name)).toEqual(["List"]);
    expect(grids[0]!.rows).toEqual([
      ["a", 1.5, "yes", "2026-01-31", 3, "#N/A", "link"],
      ["sour", 12.5, "", "12 barg"],
      ["both", "both"],
    ]);
    expect(grids[0]!.hidden).toEqual([2]);
  });
  it("keeps row positions, blank rows included", async () => {
    const { grids } = await bookOf((sheet) => {
      sheet.getCell("B3").value = "x";
    });
    expect(grids[0]!.rows).toEqual([[], [], ["", "x"]]);
  });
  it("that is empty is reported", async () => {
    await expect(bookOf(() => undefined)).rejects.toThrow(/holds nothing/);
  });
  it("is written with frozen headings, units below them, and nothing a spreadsheet would run", async () => {
    const written = await workbookOf(
      [
        {
          name: "List",
          columns: [
            { heading: "Tag", unit: "", width: 10 },
            { heading: "P", unit: "bar g", width: 10 },
          ],
          rows: [
            ["=1+1", 1e-7],
            ["0012", null],
          ],
        },
      ],
      new Date(0),
    );
    const book = new ExcelJS.Workbook();
    await book.xlsx.load(written.buffer);
    const sheet = book.getWorksheet("List")!;
    expect(sheet.views[0]).toMatchObject({ state: "frozen", ySplit: 2 });
    expect(sheet.autoFilter).toBeTruthy();
    expect(sheet.getSheetValues().slice(1)).toEqual([
      [undefined, "Tag", "P"],
      [undefined, "", "bar g"],
      [undefined, "'=1+1", 1e-7],
      [undefined, "0012"],
    ]);
  });
});

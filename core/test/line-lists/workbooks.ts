/** Realistic workbooks, created here because a binary file cannot be reviewed. */
import ExcelJS from "exceljs";

/** An Italian list: a cover sheet, a title over all columns, headings in two rows with merged cells, a row of units, formulas, rich text, a hidden row. */
export async function italianWorkbook(): Promise<Uint8Array<ArrayBuffer>> {
  const book = new ExcelJS.Workbook();
  const cover = book.addWorksheet("Copertina");
  cover.addRow(["Elenco valvole di un impianto inventato"]);
  cover.addRow(["Emesso", new Date(Date.UTC(2026, 4, 1))]);
  const list = book.addWorksheet("Lista valvole");
  list.addRow(["ELENCO VALVOLE"]);
  list.mergeCells("A1:L1");
  list.addRow([]);
  list.addRow([
    "Sigla",
    "Fluido",
    "DN",
    "Classe",
    "Attacchi",
    "Esercizio",
    null,
    "Progetto",
    null,
    "Delta P chiusura",
    "Mancanza aria",
    "Note",
  ]);
  list.addRow([
    null,
    null,
    null,
    null,
    null,
    "Pressione",
    "Temperatura",
    "Pressione",
    "Temperatura",
    null,
    null,
    null,
  ]);
  for (const range of ["F3:G3", "H3:I3", "A3:A4", "B3:B4", "C3:C4", "D3:D4", "E3:E4"]) list.mergeCells(range);
  list.addRow([null, null, "mm", null, null, "barg", "°C", "barg", "°C", "bar", null, null]);
  list.addRow([
    "HV-501",
    "Acqua di mare",
    150,
    "PN16",
    "RF",
    4.5,
    20,
    10,
    50,
    { formula: "H6", result: 10 },
    "chiude",
    { richText: [{ text: "sab" }, { text: "bia" }] },
  ]);
  list.addRow([
    "HV-502",
    "Vapore MP",
    80,
    "300#",
    "RTJ",
    12,
    { formula: "20*10", result: 200 },
    18,
    "-5/250",
    18,
    "apre",
    null,
  ]);
  list.addRow(["HV-503", "Azoto", '1"', "ASME 150", "SW", 7, "AMB", 10, 60, 10, "ferma", null]);
  list.getRow(8).hidden = true;
  return new Uint8Array(await book.xlsx.writeBuffer());
}

/** A list of a control room: units in the number formats, sizes as numbers of inches, dates, a hidden sheet. */
export async function controlWorkbook(): Promise<Uint8Array<ArrayBuffer>> {
  const book = new ExcelJS.Workbook();
  const hidden = book.addWorksheet("old");
  hidden.addRow(["Tag", "Size", "Class", "Service"]);
  hidden.addRow(["XV-0", 2, "150#", "Old"]);
  hidden.state = "hidden";
  const list = book.addWorksheet("Valves");
  list.addRow([
    "Item",
    "Tag Name",
    "NPS",
    "Flg Rating",
    "Fluid",
    "Min Press",
    "Norm Press",
    "Max Press",
    "Max Temp",
    "Solids",
    "Checked",
  ]);
  const row = (...cells: ExcelJS.CellValue[]) => {
    const added = list.addRow(cells);
    for (const index of [6, 7, 8]) added.getCell(index).numFmt = '0.0" barg"';
    added.getCell(9).numFmt = '0" °F"';
    added.getCell(10).numFmt = "0.0%";
  };
  row(1, "FV-9001", 1.5, 600, "Lean amine", 3, 5.5, 16, 250, 0.02, new Date(Date.UTC(2026, 1, 3)));
  row(2, "FV-9002", 0.75, 300, "Potable water", 1, 2, 6, 120, null, null);
  return new Uint8Array(await book.xlsx.writeBuffer());
}

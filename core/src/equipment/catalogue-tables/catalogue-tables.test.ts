import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { demoCatalogue } from "../../../test/demo.ts";
import { tableNames, tables } from "./definitions.ts";
import { readCatalogueTables } from "./read.ts";
import { catalogueTables } from "./write.ts";

/** A few lines and drives of the demo have every kind of row, and are read in a tenth of the time. */
const few = {
  ...demoCatalogue,
  lines: demoCatalogue.lines.slice(0, 4),
  drives: demoCatalogue.drives.slice(0, 4),
};
const written = catalogueTables(few);
/** The tables with one of them changed. */
const changed = (file: string, change: (csv: string) => string) => ({
  ...written,
  [file]: change(written[file]!),
});
const cell = (file: string, row: number, heading: string, value: string) =>
  changed(file, (csv) => {
    const rows = Papa.parse<string[]>(csv.trim()).data;
    rows[row - 1]![rows[0]!.indexOf(heading)] = value;
    return Papa.unparse(rows);
  });
const faults = (files: Record<string, string>) => readCatalogueTables(files).faults;

describe("a catalogue as tables", () => {
  it("reads back unchanged", () => {
    const reading = readCatalogueTables(catalogueTables(demoCatalogue));
    expect(reading.faults).toEqual([]);
    expect(reading.catalogue).toEqual(demoCatalogue);
  });
  it.each(["=cmd|' /C calc'!A0", "'=1", "+1", "@SUM(1)", "-1"])(
    "returns a name such as %j unchanged, and guards it in the file",
    (name) => {
      const files = catalogueTables({ ...few, name });
      const { data } = Papa.parse<string[]>(files["catalogue.csv"]!);
      expect(data[1]!).toContain(`'${name}`);
      expect(readCatalogueTables(files).catalogue?.name).toBe(name);
    },
  );
  it("has a heading for every column, and every table documented", () => {
    for (const name of tableNames) {
      expect(written[tables[name].file]!.split("\n")[0]).toBe(
        tables[name].columns.map((c) => c.heading).join(","),
      );
      expect(tables[name].says.length).toBeGreaterThan(10);
    }
  });
  it("may leave out optional columns, like tables of an earlier release", () => {
    const without = (file: string, headings: readonly string[]) =>
      changed(file, (csv) => {
        const rows = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
        return Papa.unparse(rows.data, {
          columns: rows.meta.fields!.filter((heading) => !headings.includes(heading)),
        });
      });
    const { catalogue, faults: found } = readCatalogueTables(without("drives.csv", ["marking", "enclosure"]));
    expect(found).toEqual([]);
    expect(catalogue!.drives.every((d) => d.marking === null && d.enclosure === null)).toBe(true);
    expect(faults(without("drives.csv", ["maker"]))).toMatchObject([{ field: "maker", row: 1 }]);
  });
  it("accepts a byte order mark, blank lines and other line ends", () => {
    const windows = Object.fromEntries(
      Object.entries(written).map(([f, csv]) => [f, `\uFEFF${csv.replaceAll("\n", "\r\n")}\r\n`]),
    );
    expect(readCatalogueTables(windows).catalogue).toEqual(few);
  });
});

describe("broken tables", () => {
  it.each([
    ["sizes.csv", 5, "bore_mm", "wide", /not a number/],
    ["sizes.csv", 5, "bore_mm", "", /missing/],
    ["sizes.csv", 7, "pad", "F99", /not an ISO 5211 flange/],
    ["sizes.csv", 7, "designation", "class 310", /no matching row in sizes|not a class/],
    ["lines.csv", 2, "fire_safe", "perhaps", /is not yes or no/],
    ["lines.csv", 3, "construction", "floating-five-piece", /./],
    ["grades.csv", 2, "grade", "A999", /not in the reference table/],
    ["grades.csv", 2, "line", "nobody", /no matching row in lines.csv/],
    ["trims.csv", 2, "ball", "cheese", /not in the suitability table/],
    ["seal-parts.csv", 2, "seals", "nothing", /no matching row in seals.csv/],
    ["drive-sizes.csv", 2, "flange", "F99", /not an ISO 5211 flange/],
  ])("name table, row and column: %s row %d %s", (file, row, heading, value, reason) => {
    const found = faults(cell(file, row, heading, value));
    const here = found.find((f) => f.reason.match(reason));
    expect(here, JSON.stringify(found.slice(0, 3))).toBeDefined();
    if (!/no matching row/.test(here!.reason)) expect(here).toMatchObject({ file, row, field: heading });
    expect(here!.row).not.toBeNull();
  });
  it("name a fault of an accessory at its row and column, and items without a family", () => {
    expect(faults(cell("accessory-items.csv", 2, "price", "dear"))).toMatchObject([
      { file: "accessory-items.csv", row: 2, field: "price" },
    ]);
    expect(faults(cell("accessory-items.csv", 2, "accessory", "nobody"))).toMatchObject([
      { file: "accessory-items.csv", row: 2, field: "accessory" },
    ]);
    expect(faults(cell("accessories.csv", 2, "kind", "bell"))[0]).toMatchObject({
      file: "accessories.csv",
      row: 2,
    });
  });
  it("name a bracket for an unknown flange, and a duplicate item", () => {
    const rows = Papa.parse<Record<string, string>>(written["accessory-items.csv"]!, { header: true }).data;
    const index = rows.findIndex((row) => row.lower_flange) + 2;
    expect(faults(cell("accessory-items.csv", index, "lower_flange", "F06"))).toMatchObject([
      { file: "accessory-items.csv", row: index, field: "lower_flange" },
    ]);
    expect(faults(cell("accessory-items.csv", index + 1, "id", rows[index - 2]!.id!))).toMatchObject([
      { file: "accessory-items.csv", row: index + 1, field: "id" },
    ]);
  });
  it("names a torque that falls by its size and seat", () => {
    const rows = written["torques.csv"]!.split("\n");
    const [a, b] = [rows[1]!.split(","), rows[2]!.split(",")];
    [a[5], b[5]] = ["900", "1"];
    rows.splice(1, 2, a.join(","), b.join(","));
    expect(faults({ ...written, "torques.csv": rows.join("\n") })[0]).toMatchObject({
      file: "sizes.csv",
      row: 2,
      reason: /falls/,
    });
  });
  it("name missing tables, columns and unknown ones", () => {
    const { "sizes.csv": _, ...without } = written;
    expect(faults(without)).toEqual([
      expect.objectContaining({ file: "sizes.csv", reason: "this table is missing" }),
    ]);
    expect(faults(changed("seats.csv", (csv) => csv.replace("price_factor", "price")))).toEqual([
      expect.objectContaining({ file: "seats.csv", row: 1, field: "price_factor" }),
      expect.objectContaining({ file: "seats.csv", row: 1, field: "price" }),
    ]);
    expect(faults({ ...written, "notes.csv": "a,b" })[0]).toMatchObject({ file: "notes.csv" });
    expect(faults({})[0]).toMatchObject({ file: "catalogue.csv" });
  });
});

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tries } from "../../../test/effort.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { readListFile } from "../workbook/file.ts";
import { workbookOf } from "../workbook/write.ts";
import { bestSheet } from "./best-sheet.ts";
import { convertLineList } from "./convert.ts";
import { listedColumns, listedRows, writeCsv } from "./export.ts";
import { gridOfText, NotATable } from "./grid.ts";
import type { Decisions, ListedTag } from "./list-reading.ts";
import { planFor } from "./plan.ts";
import { findTable } from "./table.ts";

const importText = (text: string, decisions: Decisions = {}) => {
  const table = findTable(gridOfText(text));
  return convertLineList(table, planFor(table), decisions);
};
const casesOf = (text: string) =>
  importText(text).tags[0]!.duty.cases.map((c) => [c.kind, c.upstreamBarG, c.downstreamBarG, c.temperatureC]);

const tags: ListedTag[] = [
  {
    number: "XV-1",
    service: 'Feed, "hot"',
    unit: "Area 1",
    remarks: { Insulation: "50 mm, 12,5 kg", "Loop no.": "=7" },
    duty: dutyWith({
      cases: [
        { temperatureC: -33.3 },
        { kind: "steam-out", name: "steam", mayBeShut: false, downstreamBarG: null },
      ],
    }),
  },
  {
    number: "=XV-2",
    service: "-negative start",
    unit: "",
    remarks: {},
    duty: dutyWith({
      cases: [],
      fluid: { name: "Water", family: null, phase: null },
      onSupplyLoss: null,
      fireSafe: null,
    }),
  },
  {
    number: "XV-3",
    service: "Loading, 45 % – ²₂",
    unit: "Æ",
    remarks: { "Temperature limit of paint": "1,5" },
    duty: dutyWith({ cases: [{ flow: "reverse", upstreamBarG: 0, downstreamBarG: 8.123 }] }),
  },
];

describe("export", () => {
  it("imports back to the same tags, guessing nothing", () => {
    expect(importText(writeCsv(tags))).toMatchObject({ tags, faults: [], guesses: [] });
  });
  it("guards text that a spreadsheet would run", () => {
    expect(writeCsv(tags)).toContain("'=XV-2");
  });
  it("as a workbook imports back to the same tags", async () => {
    const remarks = ["Insulation", "Loop no.", "Temperature limit of paint"];
    const rows = tags.flatMap((tag) => listedRows(tag, remarks));
    const bytes = await workbookOf(
      [{ name: "Line list", columns: listedColumns(remarks), rows }],
      new Date(0),
    );
    const { grids } = await readListFile(bytes);
    const table = findTable(grids[bestSheet(grids)]!);
    expect(table.headingRows).toEqual([1]);
    expect(table.units[table.headings.indexOf("Upstream")]).toBe("bar g");
    expect(convertLineList(table, planFor(table))).toMatchObject({ tags, faults: [], guesses: [] });
  });
  it("returns any text and number unchanged, and none that a spreadsheet would run", () => {
    const awkward = fc.oneof(
      fc.string({ maxLength: 30 }),
      fc.string({ unit: fc.constantFrom("'", "=", "+", "-", "@", "\n", "a", '"', ";", ","), maxLength: 12 }),
    );
    fc.assert(
      fc.property(
        awkward,
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.double({ min: -200, max: 900, noNaN: true }),
        (service, upstreamBarG, temperatureC) => {
          const duty = dutyWith({ cases: [{ upstreamBarG, temperatureC, downstreamBarG: null }] });
          const text = writeCsv([{ number: "XV-1", service: service.trim(), unit: "", remarks: {}, duty }]);
          expect(
            gridOfText(text)
              .rows.flat()
              .filter((cell) => /^\s*[=+@]/.test(String(cell))),
          ).toEqual([]);
          const { tags: read, faults } = importText(text);
          expect(faults).toEqual([]);
          expect(read[0]!.service).toBe(service.trim());
          expect(read[0]!.duty.cases[0]).toMatchObject({
            upstreamBarG: upstreamBarG === 0 ? 0 : upstreamBarG,
            temperatureC: temperatureC === 0 ? 0 : temperatureC,
          });
        },
      ),
    );
  });
});

describe("cases", () => {
  it("come from columns for the states of a line", () => {
    expect(
      casesOf("Tag,P op (barg),T op (°C),P des (barg),T des (°C),Shutoff dP (bar)\nX-1,5,20,10,80,8\n"),
    ).toEqual([
      ["normal", 5, null, 20],
      ["maximum", 10, null, 80],
      ["shut-off differential", 8, 0, 80],
    ]);
  });
  it("come from both ends of a range", () => {
    expect(casesOf("Tag,Press (barg),Temp (°C)\nX-1,10,-49/120\n")).toEqual([
      ["maximum", 10, null, 120],
      ["minimum", 10, null, -49],
    ]);
    expect(
      casesOf("Tag,Design press (barg),Design temp (°C),Oper press (barg)\nX-1,FV/10,-49/120,4\n"),
    ).toEqual([
      ["normal", 4, null, null],
      ["maximum", 10, null, 120],
      ["minimum", -1.01325, null, -49],
    ]);
  });
  it("of the lowest temperature take the design pressure, where no other is given", () => {
    expect(casesOf("Tag,Max press (barg),Max temp (°C),Min temp (°C)\nX-1,10,80,-20\n")).toEqual([
      ["maximum", 10, null, 80],
      ["minimum", 10, null, -20],
    ]);
  });
  it("subtract a difference from the upstream pressure; at shut-off the far side stays as when open", () => {
    expect(casesOf("Tag,Oper press (barg),Oper dP (bar)\nX-1,10,2\n")).toEqual([["normal", 10, 8, null]]);
    expect(casesOf("Tag,Design temp (°C),Max dP (bar)\nX-1,90,25\n")).toEqual([
      ["maximum", null, null, 90],
      ["shut-off differential", 25, 0, 90],
    ]);
  });
  it("add a difference to the downstream pressure where that is stated", () => {
    expect(casesOf("Tag,P2 (barg),DP (bar)\nXV-1,4,3\n")).toEqual([["normal", 7, 4, null]]);
    expect(casesOf("Tag,P1 (barg),DP (bar)\nXV-1,7,3\n")).toEqual([["normal", 7, 4, null]]);
  });
  it("are gathered from rows of one tag, with any kind of dash", () => {
    const { tags: read } = importText("Tag,DN,Case,Upstream\nXV-1,50,a,1\nxv–1,,relief,2\nXV\u200b-1,,c,3\n");
    expect(read.map((t) => [t.number, t.duty.cases.map((c) => [c.name, c.kind])])).toEqual([
      [
        "XV-1",
        [
          ["a", "normal"],
          ["relief", "upset"],
          ["c", "normal"],
        ],
      ],
    ]);
  });
});

describe("rows of one tag", () => {
  const two = "Tag,DN,Class,Upstream (barg)\nXV-1,50,300#,5\nXV-2,80,150#,5\nXV-1,80,150#,9\n";
  it("that contradict each other are one fault and a pair, and the tag keeps its first row", () => {
    const { faults, pairs, tags: read } = importText(two);
    expect(faults).toEqual([
      {
        row: 4,
        column: "DN",
        reason:
          "XV-1 is already in row 2 and differs in Size (50 there, 80 here), Line class (class 300 there, class 150 here). Join the rows as cases, keep one of them, or change one tag number.",
      },
    ]);
    expect(pairs).toEqual([{ number: "XV-1", key: "XV-1", rows: [2, 4] }]);
    expect(read.map((t) => [t.number, t.duty.dn])).toEqual([
      ["XV-1", 50],
      ["XV-2", 80],
    ]);
  });
  it("are joined, one is taken, or one gets another number, as the user decides", () => {
    const decided = (pair: NonNullable<Decisions["pairs"]>[string]) =>
      importText(two, { pairs: { "XV-1": pair } });
    expect(decided({ take: "join" }).tags[0]!.duty).toMatchObject({
      dn: 50,
      cases: [{ upstreamBarG: 5 }, { upstreamBarG: 9 }],
    });
    expect(decided({ take: "row", row: 4 }).tags.find((t) => t.number === "XV-1")!.duty).toMatchObject({
      dn: 80,
      cases: [{ upstreamBarG: 9 }],
    });
    expect(
      decided({ take: "rename", row: 4, number: "XV-9" }).tags.map((t) => [t.number, t.duty.dn]),
    ).toEqual([
      ["XV-1", 50],
      ["XV-2", 80],
      ["XV-9", 80],
    ]);
    for (const pair of [{ take: "join" }, { take: "row", row: 2 }] as const)
      expect(decided(pair).faults).toEqual([]);
  });
  it("that were excluded do not wait", () => {
    const list = `${two}XV-3,55,300#,1\n`;
    const { waiting } = importText(list, { pairs: { "XV-1": { take: "row", row: 4 } } });
    expect(waiting).toEqual([5]);
  });
  it("that are equal are one", () => {
    const { tags: read, repeated, faults } = importText("Tag,DN,Upstream\nXV-1,50,5\nXV-1,50,5\n");
    expect([read.length, repeated, faults]).toEqual([1, [{ row: 3, as: 2 }], []]);
  });
  it("that differ only in a column for a kind of case are both kept", () => {
    const { tags: read, repeated } = importText(
      "Tag,DN,Normal pressure (barg),Design pressure (barg)\nXV-1,50,5,10\nXV-1,50,5,16\n",
    );
    expect(repeated).toEqual([]);
    expect(read[0]!.duty.cases.map(({ upstreamBarG }) => upstreamBarG)).toEqual(
      expect.arrayContaining([10, 16]),
    );
  });
});

describe("a user's decision", () => {
  const text = "Tag,DN,Fail\nXV-1,50,springy\nXV-2,55,FC\nXV-3,80,springy\n";
  it("corrects a value in all its rows, a cell, or excludes a row", () => {
    const bare = importText(text);
    expect(bare.unknown.map(({ value, rows }) => [value, rows])).toEqual([
      ["springy", [2, 4]],
      ["55", [3]],
    ]);
    expect(bare.tags).toEqual([]);
    const mended = importText(text, {
      values: { onSupplyLoss: { springy: "FC" } },
      cells: { 3: { 1: "50" } },
    });
    expect(mended.faults).toEqual([]);
    expect(mended.tags.map((t) => [t.number, t.duty.dn, t.duty.onSupplyLoss])).toEqual([
      ["XV-1", 50, "closes"],
      ["XV-2", 50, "closes"],
      ["XV-3", 80, "closes"],
    ]);
    expect(importText(text, { leftOut: [2, 3, 4] }).faults).toEqual([]);
  });
  it("makes whole tags wait: all rows of a tag with a fault in one of them stay together", () => {
    const list =
      "Tag,DN,Case,Upstream\nXV-1,50,a,1\nXV-1,,b,abc\nXV-2,80,a,5\nXV-2,80,a,5\nXV-3,80,a,5\nXV-3,50,b,6\n";
    const { tags: read, waiting } = importText(list);
    expect(read.map((t) => t.number)).toEqual(["XV-2", "XV-3"]);
    expect(waiting).toEqual([2, 3, 7]);
  });
  it("takes a corrected cell as written", () => {
    const list = "Tag,Fail\nXV-1,constructor\nXV-2,__proto__\nXV-3,springy\n";
    const { tags: read, unknown } = importText(list, { values: { onSupplyLoss: { springy: "FC" } } });
    expect(read.map(({ number }) => number)).toEqual(["XV-3"]);
    expect(unknown.map(({ value }) => value)).toEqual(["constructor", "__proto__"]);
  });
  it("is not needed for the meaning of a value that only contradicts another", () => {
    const { faults, unknown } = importText("Tag,Class,Ends\nXV-1,300#,150# RF\n");
    expect(faults.map(({ reason }) => reason)).toEqual([
      'The cell says class 150, but "Class" says class 300.',
    ]);
    expect(unknown).toEqual([]);
  });
  it("undoes guesses about a fluid", () => {
    const list = "Tag,Fluid\nXV-1,Cooling water\n";
    expect(importText(list).tags[0]!.duty.fluid).toMatchObject({
      family: "water",
      substance: "water",
      phase: "liquid",
    });
    expect(importText(list, { undone: ["XV-1|fluid.family"] }).tags[0]!.duty.fluid).toMatchObject({
      name: "Cooling water",
      family: null,
      substance: null,
    });
  });
});

describe("a list", () => {
  it("keeps columns without a field as remarks, and suggests changes from their words", () => {
    const { tags: read, suggestions } = importText(
      "Tag,DN,Notes,Paint\nXV-1,50,Steamed out twice a year; no solids,RAL 7035\n",
    );
    expect(read[0]!.remarks).toEqual({ Notes: "Steamed out twice a year; no solids", Paint: "RAL 7035" });
    expect(suggestions.map(({ words, field, value }) => [words, field, value])).toEqual([
      ["Steamed out", "cases", "steam-out"],
    ]);
    expect(read[0]!.duty.cases).toEqual([]);
  });
  it("names row, column and reason of every fault, with row numbers of the file", () => {
    const { faults, tags: read } = importText(
      "A list of valves\n\nTag,DN,Upstream (bar g),Temperature (°C),Phase\nXV-1,55,12,20,liquid\n,50,1,1,liquid\nXV-3,50,abc,-300,plasma\nXV-4,50,1,20,liquid\n",
    );
    expect(read.map((t) => t.number)).toEqual(["XV-4"]);
    expect(faults.map((f) => [f.row, f.column])).toEqual([
      [4, "DN"],
      [5, "Tag"],
      [6, "Upstream (bar g)"],
      [6, "Phase"],
      [6, "Temperature (°C)"],
    ]);
  });
  it("skips titles, sections, repeated headings and totals, and reports them", () => {
    const table = findTable(
      gridOfText(
        "Plant,,\nTag,DN,Class\nUnit 1 pumps,,\nXV-1,50,150#\nTag,DN,Class\nXV-2,50,150#\nTotal:,,\n",
      ),
    );
    expect(table.rows.map(({ row }) => row)).toEqual([4, 6]);
    expect(table.skipped.map(({ row }) => row)).toEqual([3, 5, 7]);
  });
  it("without known words is still read for its tags", () => {
    const { tags: read } = importText("Qwx,Zzy\nXV-1,50\nXV-2,80\n");
    expect(read.map((t) => t.number)).toEqual(["XV-1", "XV-2"]);
  });
  it.each([
    ["", /empty/],
    ["Tag,DN\n", /no rows/],
    ['Tag,DN\n"XV-1,50\n', /never closed/],
    ["PK\u0000\u0003", /not a text file/],
  ])("explains why %j is no table", (text, message) => {
    expect(() => importText(text)).toThrow(NotATable);
    expect(() => importText(text)).toThrow(message);
  });
  it("of thousands of tags is read, each value once", () => {
    const length = tries(2_000, 10_000);
    const rows = Array.from(
      { length },
      (_, i) => `XV-${i},${[50, 80, 100][i % 3]},300#,${i % 40},-10/80,Cooling water`,
    );
    const { tags: read } = importText(
      `Valve Tag,Size DN,Rating,Oper press (barg),Design temp (°C),Fluid\n${rows.join("\n")}\n`,
    );
    expect(read).toHaveLength(length);
    expect(read[41]!.duty).toMatchObject({
      dn: 100,
      cases: [{ upstreamBarG: 1 }, { temperatureC: 80 }, { temperatureC: -10 }],
    });
  });
});

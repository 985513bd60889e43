import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dutyWith } from "../../test/fixture.ts";
import { convertLineList, guessMapping, type ListedTag, NotATable, readCsv, writeCsv } from "./index.ts";

const importText = (text: string) => {
  const table = readCsv(text);
  return convertLineList(table, guessMapping(table.headings));
};

const tags: ListedTag[] = [
  {
    number: "XV-1",
    service: 'Feed, "hot"',
    unit: "Area 1",
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
    duty: dutyWith({
      cases: [],
      fluid: { name: "", family: null, phase: null },
      onSupplyLoss: null,
      fireSafe: null,
    }),
  },
  {
    number: "XV-3",
    service: "Loading, 45 % \u2013 \u00b2\u2082",
    unit: "\u00c6",
    duty: dutyWith({ cases: [{ flow: "reverse", upstreamBarG: 0, downstreamBarG: 8.123456789 }] }),
  },
];

describe("export", () => {
  it("imports back to the same tags", () => {
    expect(importText(writeCsv(tags))).toEqual({ tags, faults: [] });
  });
  it("defuses text a spreadsheet would run", () => {
    expect(writeCsv(tags)).toContain("'=XV-2");
  });
});

describe("import", () => {
  it("reads one row a tag with normal and design conditions in other units", () => {
    const { tags: read } = importText(
      'Tag No,Size (NPS),Rating,Oper Press (psig),Oper Temp (°F),Design Press (psig),Design Temp (°F)\nXV-9,1 1/2",300#,100,100,750,400\n',
    );
    expect(read![0]!.duty).toMatchObject({ dn: 40, lineDesignation: "class 300" });
    expect(
      read![0]!.duty.cases.map((c) => [c.kind, c.upstreamBarG!.toFixed(2), c.temperatureC!.toFixed(1)]),
    ).toEqual([
      ["normal", "6.89", "37.8"],
      ["maximum", "51.71", "204.4"],
    ]);
  });
  it("reads a semicolon list with decimal commas", () => {
    const { tags: read } = importText("Tag;DN;Upstream (bar g);Temperature (°C)\nXV-1;50;12,5;-4,25\n");
    expect(read![0]!.duty.cases[0]).toMatchObject({ upstreamBarG: 12.5, temperatureC: -4.25 });
  });
  it("gathers rows of one tag into its cases", () => {
    const { tags: read } = importText("Tag,DN,Case,Upstream,Temperature\nXV-1,50,a,1,20\nXV-1,,b,2,30\n");
    expect(read).toHaveLength(1);
    expect(read![0]!.duty.cases.map((c) => c.name)).toEqual(["a", "b"]);
  });
  it("names row, column and reason of every fault and imports nothing", () => {
    const result = importText(
      "Tag,DN,Upstream (bar g),Temperature (°C),Phase\nXV-1,55,12,20,liquid\n,50,1,1,liquid\nXV-3,50,abc,-300,plasma\nXV-4,50,1,20,liquid\n",
    );
    expect(result.tags).toBeNull();
    expect(result.faults.map((f) => [f.row, f.column])).toEqual(
      [
        [2, "DN"],
        [3, "Tag"],
        [4, "Upstream (bar g)"],
        [4, "Phase"],
        [4, "Temperature (°C)"],
      ].sort((a, b) => (a[0] as number) - (b[0] as number)),
    );
    expect(result.faults.find((f) => f.row === 4 && f.column.startsWith("Temp"))!.reason).toMatch(
      /absolute zero/,
    );
  });
  it("refuses rows of one tag that contradict each other", () => {
    expect(importText("Tag,DN\nXV-1,50\nXV-1,80\n").faults).toEqual([
      { row: 3, column: "DN", reason: "Contradicts row 2 of the same tag." },
    ]);
  });
  it("asks for the tag column and refuses two columns for one field", () => {
    expect(importText("Nummer,DN\nXV-1,50\n").faults[0]!.reason).toMatch(/which one/);
    const table = readCsv("Tag,A,B\nXV-1,50,80\n");
    const mapping = [
      { field: "number", unit: null },
      { field: "dn", unit: "DN" },
      { field: "dn", unit: "DN" },
    ];
    expect(convertLineList(table, mapping).faults[0]!.reason).toBe('Two columns go to "Size".');
  });
  it.each([
    ["", /empty/],
    ["Tag,DN\n", /no rows/],
    ["Tag,Tag\n1,2\n", /stands twice/],
    ['Tag,DN\n"XV-1,50\n', /not closed/],
    ["PK\u0000\u0003", /not a text file/],
  ])("says why %j is no table", (text, message) => {
    expect(() => readCsv(text)).toThrow(NotATable);
    expect(() => readCsv(text)).toThrow(message);
  });
  it("leaves a column it does not know for a person to map", () => {
    expect(guessMapping(["Tag", "Paint colour"])).toEqual([
      { field: "number", unit: null },
      { field: null, unit: null },
    ]);
  });
  it("takes tag numbers that look alike for one", () => {
    const { tags: read } = importText("Tag,DN,Case,Upstream\nXV-1,50,a,1\nxv–1,,b,2\nXV\u200b-1,,c,3\n");
    expect(read!.map((t) => [t.number, t.duty.cases.length])).toEqual([["XV-1", 3]]);
  });
  it("gives back whatever text and figure it is given, and none that a spreadsheet would run", () => {
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
          const text = writeCsv([{ number: "XV-1", service: service.trim(), unit: "", duty }]);
          const table = readCsv(text);
          expect(table.rows.flat().filter((cell) => /^\s*[=+@]/.test(cell))).toEqual([]);
          const { tags: read, faults } = convertLineList(table, guessMapping(table.headings));
          expect(faults).toEqual([]);
          expect(read![0]!.service).toBe(service.trim());
          expect(read![0]!.duty.cases[0]).toMatchObject({
            upstreamBarG: upstreamBarG === 0 ? 0 : upstreamBarG,
            temperatureC: temperatureC === 0 ? 0 : temperatureC,
          });
        },
      ),
    );
  });
  it("reads ten thousand tags", () => {
    const rows = Array.from({ length: 10_000 }, (_, i) => `XV-${i},50,class 300,10,40`);
    expect(importText(`Tag,DN,Class,Upstream,Temperature\n${rows.join("\n")}\n`).tags).toHaveLength(10_000);
  });
});

import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { compileTable, tableFiles } from "../../../../scripts/compile-reference.ts";
import { demoCatalogueFiles } from "../../../../scripts/generate-demo.ts";
import { demoCatalogue } from "../../../test/demo.ts";
import { catalogueDocument, shelfWith } from "../../../test/fixture.ts";
import { mostCandidates, offersTooMany } from "./candidates-offered.ts";
import { readCatalogue, readCatalogueDocument } from "./check.ts";
import { catalogueDifference } from "./difference.ts";
import type { ProductLine } from "./schema.ts";
import { compileShelf } from "./shelf.ts";

/** The fixture document with one value set at a path; undefined removes it. */
function changed(path: string, value: unknown) {
  const copy = structuredClone(catalogueDocument) as unknown as Record<string, unknown>;
  const keys = path.split(".");
  const last = keys.pop()!;
  const holder = keys.reduce((node, key) => node[key] as Record<string, unknown>, copy);
  if (value === undefined) delete holder[last];
  else holder[last] = value;
  return readCatalogueDocument(copy);
}

const aSize = catalogueDocument.lines[0]!.sizes[0]!;

describe("a broken catalogue is refused with file, row, field and reason", () => {
  it.each([
    [
      "unknown seat",
      "lines.0.seats.1.seat",
      "cheese",
      { file: "lines/floating", row: 2, field: "seats.1.seat" },
    ],
    ["unknown grade", "lines.0.grades.0.grade", "A000", { row: 1, field: "grades.0.grade" }],
    [
      "unknown seal",
      "lines.1.seals.0.parts.0.seal",
      "string",
      { file: "lines/trunnion", field: "seals.0.parts" },
    ],
    ["unknown metal", "lines.0.trims.0.stem", "gold", { row: 1, field: "trims.0.stem" }],
    ["unknown construction", "lines.0.construction", "gate", { field: "construction" }],
    ["unknown bolting", "lines.0.bolting", "string", { field: "bolting" }],
    [
      "an arrangement the construction cannot have",
      "lines.0.cavities.0.arrangement",
      "two double-piston",
      { row: 1, field: "cavities.0.arrangement" },
    ],
    [
      "more directions than the construction seals",
      "lines.0.construction",
      "segment-ball",
      { field: "sealing" },
    ],
    [
      "missing seat load",
      "lines.0.sizes.0.geometry.seatLoadN.peek",
      undefined,
      { field: "sizes.0.geometry.seatLoadN.peek" },
    ],
    [
      "a seal circle inside the contact circle",
      "lines.1.sizes.0.geometry.seatSealDiameterMm",
      50,
      { row: 1, field: "sizes.0.geometry.seatSealDiameterMm" },
    ],
    [
      "a live-loading as uncertain as it is high",
      "lines.0.sizes.0.liveLoading",
      { heightMm: 0.3, toleranceMm: 0.3 },
      { row: 1, field: "sizes.0.liveLoading.toleranceMm" },
    ],
    ["unknown pad", "lines.0.sizes.0.pad", "F99", { row: 1, field: "sizes.0.pad" }],
    ["unknown class", "lines.0.sizes.0.designation", "class 7", { field: "sizes.0.designation" }],
    ["grade without rating", "lines.0.sizes.0.designation", "PN 40", { field: "sizes.0.designation" }],
    [
      "falling torque",
      "lines.0.sizes.0.torque.breakToOpenNm.ptfe",
      [60, 20],
      { field: "sizes.0.torque.breakToOpenNm.ptfe" },
    ],
    [
      "missing torque",
      "lines.0.sizes.0.torque.breakToOpenNm.peek",
      undefined,
      { reason: "torque for this seat is missing" },
    ],
    [
      "too few torques",
      "lines.0.sizes.0.torque.breakToOpenNm.peek",
      [1],
      { reason: "2 torques are needed, 1 are stated" },
    ],
    [
      "falling differentials",
      "lines.0.sizes.0.torque.differentialBar",
      [50, 0],
      { field: "sizes.0.torque.differentialBar" },
    ],
    ["a size twice", "lines.0.sizes", [aSize, aSize], { row: 2, reason: "DN 50 class 300 occurs twice" }],
    ["an id twice", "lines.1.id", "floating", { field: "id" }],
    ["a wrong type", "lines.0.sizes.0.price", "cheap", { row: 1, field: "sizes.0.price" }],
    [
      "a disc without its own seat curve",
      "lines.0.construction",
      "butterfly-concentric",
      { row: 1, field: "seats.0.curve" },
    ],
    [
      "weak stall",
      "drives.1.sizes.0.stallTorqueNm",
      1,
      { file: "drives/el", field: "sizes.0.stallTorqueNm" },
    ],
    ["wrong format", "format", "other", { file: "catalogue", field: "format" }],
    ["no lines", "lines", [], { field: "lines" }],
  ])("%s", (_, path, value, fault) => {
    const reading = changed(path, value);
    expect(reading.catalogue).toBeNull();
    expect(reading.faults).toEqual(expect.arrayContaining([expect.objectContaining(fault)]));
  });
  it("counts the combinations of its lists before they are built", () => {
    const line = catalogueDocument.lines[0] as unknown as ProductLine;
    const many = <T extends { id?: string }>(list: readonly T[], n: number) =>
      Array.from({ length: n }, (_, i) => ({ ...list[0]!, ...(list[0]!.id ? { id: `x${i}` } : {}) }));
    const offering = (trims: number) =>
      [
        ...offersTooMany({
          lines: [{ ...line, sizes: [line.sizes[0]!], trims: many(line.trims, trims) }],
          drives: [],
        }),
      ].length;
    const each = line.grades.length * line.cavities.length * line.seats.length * line.seals.length;
    const fits = Math.floor(mostCandidates / each);
    expect([offering(fits), offering(fits + 1)]).toEqual([0, 1]);
  });
  it("survives any input", () => {
    for (const junk of [null, 1, "x", [], { lines: 4 }, { lines: [null] }])
      expect(readCatalogueDocument(junk).catalogue).toBeNull();
    expect(readCatalogue({ name: "h", content: null }, [], [], []).faults.length).toBeGreaterThan(0);
  });
});

describe("shelf", () => {
  it("builds every combination a line offers at a size, each with its own key", () => {
    const valves = shelfWith().valvesFor(50);
    expect(valves).toHaveLength(4);
    expect(new Set(valves.map((v) => v.key)).size).toBe(4);
  });
  it("answers a size that is not offered with the line's nearest", () => {
    expect(
      shelfWith()
        .valvesFor(80)
        .every((v) => v.size.dn === 50),
    ).toBe(true);
  });
  it("offers actuators with springs in both directions and without", () => {
    const { drives } = shelfWith().families[0]!;
    expect(new Set(drives.map((d) => d.onSupplyLoss))).toEqual(new Set(["stays", "closes", "opens"]));
    expect(new Set(drives.map((d) => d.key)).size).toBe(drives.length);
  });
});

describe("committed data", () => {
  const demo = new URL("../../../../demo/catalogue/", import.meta.url);
  it("the demo catalogue equals the output of its generator, and is valid", () => {
    const files = demoCatalogueFiles();
    for (const [name, text] of files) expect(readFileSync(new URL(name, demo), "utf8"), name).toBe(text);
    const document = (folder: string) =>
      readdirSync(new URL(folder, demo)).map((n) => ({
        name: n,
        content: JSON.parse(readFileSync(new URL(`${folder}${n}`, demo), "utf8")),
      }));
    const reading = readCatalogue(
      { name: "catalogue.json", content: JSON.parse(files.get("catalogue.json")!) },
      document("lines/"),
      document("drives/"),
      document("accessories/"),
    );
    expect(reading.faults).toEqual([]);
    expect(compileShelf(reading.catalogue!).valvesFor(100).length).toBeGreaterThan(100);
  });
  it("the compiled reference tables equal their CSV files", () => {
    for (const file of tableFiles()) {
      const { module, text } = compileTable(file);
      expect(
        readFileSync(new URL(`../../basis/reference/tables/${module}`, import.meta.url), "utf8"),
        module,
      ).toBe(text);
    }
  });
});

describe("the difference between two catalogues", () => {
  const base = readCatalogueDocument(catalogueDocument).catalogue!;
  it("is empty between equals", () => expect(catalogueDifference(base, structuredClone(base))).toEqual([]));
  it("names what was added, removed and changed, sizes by DN and class", () => {
    const next = structuredClone(base);
    next.lines[0]!.sizes[0]!.boreMm = 48;
    next.lines[0]!.sizes.unshift({ ...next.lines[0]!.sizes[0]!, dn: 40 });
    const [gone] = next.lines.splice(1, 1);
    next.lines.push({ ...gone!, id: "new-line" });
    const changes = catalogueDifference(base, next);
    expect(changes.map((c) => `${c.kind} ${c.id}`)).toEqual([
      "changed floating",
      "added new-line",
      "removed trunnion",
    ]);
    expect(changes[0]!.values).toEqual(
      expect.arrayContaining([
        { place: "sizes, DN 50 class 300, boreMm", was: 49, now: 48 },
        expect.objectContaining({ place: "sizes, DN 40 class 300", was: null }),
      ]),
    );
    expect(changes[0]!.values).toHaveLength(2);
  });
  it("names accessories by their items", () => {
    const next = structuredClone(demoCatalogue);
    const family = next.accessories.find(({ id }) => id === "tarrowby-ls")!;
    family.items[1]!.price = 430;
    expect(catalogueDifference(demoCatalogue, next)).toMatchObject([
      {
        kind: "changed",
        of: "accessories",
        id: "tarrowby-ls",
        values: [{ place: "items, LS 4, price", was: 420, now: 430 }],
      },
    ]);
    next.accessories = [];
    expect(catalogueDifference(demoCatalogue, next)).toHaveLength(demoCatalogue.accessories.length);
  });
});

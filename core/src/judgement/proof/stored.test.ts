import { describe, expect, it } from "vitest";
import { z } from "zod";
import { demoShelf, demoTags } from "../../../test/demo.ts";
import { sheetOf } from "../../../test/demo-sheet.ts";
import { releases, writtenBy } from "../../../test/written.ts";
import { choice, number } from "../../basis/house/definition.ts";
import { defaultHouseRules, type HouseRules, houseRuleDefinitions } from "../../basis/house/house-rules.ts";
import { readHouseRules, storedHouseRules, storedHouseRulesSchema } from "../../basis/house/versions/kind.ts";
import { documentKind } from "../../basis/versions/kind.ts";
import { convertLineList } from "../../duty/line-list/convert.ts";
import { writeCsv } from "../../duty/line-list/export.ts";
import { gridOfText } from "../../duty/line-list/grid.ts";
import { planFor } from "../../duty/line-list/plan.ts";
import { findTable } from "../../duty/line-list/table.ts";
import { dutyFormat, emptyDuty } from "../../duty/statement/duty.ts";
import { dutyKind, storedDutySchema } from "../../duty/versions/kind.ts";
import { readCatalogueDocument } from "../../equipment/catalogue/check.ts";
import { catalogueSchema } from "../../equipment/catalogue/schema.ts";
import { catalogueKind } from "../../equipment/catalogue/versions/kind.ts";
import { proveRequest } from "../request/request.ts";
import { plain } from "../rules/outcome.ts";
import { rule } from "../rules/rule.ts";
import { rules } from "../rules/rules.ts";
import { digestOf } from "./digest.ts";
import { engineVersion } from "./engine.ts";
import { prove } from "./prove.ts";
import { type Reproof, reprove } from "./reprove.ts";

const kept = new Map(
  releases.map((release) => [
    release,
    new Map(writtenBy(release).map(({ name, content }) => [name, content] as const)),
  ]),
);
const has = (release: string, name: string) => kept.get(release)!.has(name);
/** A fresh copy of a release's document, so that a test may change it. */
const json = (release: string, name: string) => JSON.parse(JSON.stringify(kept.get(release)!.get(name)));
const sheets = releases.flatMap((release) =>
  [...kept.get(release)!.keys()]
    .filter((name) => name.startsWith("sheet-"))
    .map((name) => [release, name] as const),
);
const newestSheet = json(...sheets.at(-1)!).format;
const house = defaultHouseRules();

describe("a kind of document", () => {
  const kind = documentKind(
    "note",
    [
      { to: 2, says: "Notes have a title.", upcast: (d) => ({ ...d, title: d.text }) },
      {
        to: 3,
        says: "Titles are in capitals.",
        upcast: (d) => ({ ...d, title: String(d.title).toUpperCase() }),
      },
    ],
    1,
  );
  it("is updated step by step, without changing the input", () => {
    const old = Object.freeze({ text: "a" });
    expect(kind.upcast(old)).toMatchObject({
      was: 1,
      document: { text: "a", title: "A", format: "proven-seat-note/3" },
      steps: [{ to: 2 }, { to: 3 }],
    });
    expect(old).toEqual({ text: "a" });
    expect(kind.upcast({ format: "proven-seat-note/2", title: "b" })).toMatchObject({
      was: 2,
      document: { title: "B" },
    });
  });
  it("leaves a document of the newest version as it is", () => {
    const newest = { format: kind.newest, title: "C" };
    expect(kind.upcast(newest)).toMatchObject({ was: 3, document: newest, steps: [] });
  });
  it.each([
    [null, "not-a-document"],
    [[], "not-a-document"],
    [{ format: "proven-seat-sheet/1" }, "another-kind"],
    [{ format: "proven-seat-note/0" }, "another-kind"],
    [{ format: 7 }, "another-kind"],
    [{ format: "proven-seat-note/4" }, "from-a-newer-release"],
  ])("explains why it cannot read %j", (document, code) => {
    expect(kind.upcast(document)).toMatchObject({ code, message: expect.stringMatching(/\w/) });
  });
  it("reports where an old document was never valid", () => {
    const broken = documentKind(
      "list",
      [{ to: 2, says: "", upcast: (d) => ({ n: (d.all as string[]).length }) }],
      1,
    );
    expect(broken.upcast({})).toMatchObject({ code: "not-a-document", message: /cannot be brought up/ });
  });
  it("publishes the schema of its newest version", () => {
    const schema = z.toJSONSchema(kind.reading(z.object({ title: z.string() })), { io: "input" });
    expect(schema).toMatchObject({ type: "object", properties: { title: { type: "string" } } });
  });
});

describe.each(sheets)("a sheet written by engine %s, %s", (release, name) => {
  const sheet = json(release, name);
  const again = reprove(sheet) as Reproof;
  it("is read, and its digest is of the text as written", () => {
    expect(again).not.toHaveProperty("error");
    expect(again.digest).toBe(sheet.digest);
    expect(again.format.was).toBe(sheet.format);
    expect(again.differences.some((d) => d.path === "digest")).toBe(false);
    if (sheet.format !== newestSheet) expect(again.broughtUp.length).toBeGreaterThan(0);
  });
  it("is the same, or names the rules because of which it differs", () => {
    expect(again.engine).toEqual({ was: release, now: engineVersion });
    if (again.same) return expect(again.because).toEqual([]);
    expect(again.because.join(" ")).toMatch(
      new RegExp(`New since engine ${release}|Engine ${engineVersion} differs`),
    );
    const touched = again.differences.flatMap((d) => /^proof\.findings\.([^.]+)/.exec(d.path)?.[1] ?? []);
    for (const id of touched) expect(again.because.join(" "), id).toContain(id);
  });
  it("reveals an altered input by its digest", () => {
    const altered = structuredClone(sheet);
    altered.inputs.duty.cases[0] &&= { ...altered.inputs.duty.cases[0], temperatureC: 1 };
    altered.inputs.duty.pipeSchedule = "altered";
    const result = reprove(altered) as Reproof;
    expect(result.same).toBe(false);
    expect(result.because[0]).toMatch(/altered/);
  });
});

describe("a sheet proved again", () => {
  it("of another engine is compared by verdict, case and figures, of the same engine by words too", () => {
    const changed = (engine: string, change: object) => {
      const other = JSON.parse(JSON.stringify(sheetOf("XV-3052")));
      other.engine = engine;
      const index = other.proof.findings.findIndex((f: { kind: string }) => f.kind === "measured");
      other.proof.findings[index] = { ...other.proof.findings[index]!, ...change };
      return (reprove(other) as Reproof).differences.map(({ path }) => path.split(".").at(-1));
    };
    expect(changed("0.0.1", { says: "In other words." })).toEqual([]);
    expect(changed(engineVersion, { says: "In other words." })).toEqual(["says"]);
    for (const change of [{ verdict: "not asked" }, { caseId: "another" }, { value: 12_345 }])
      expect(changed("0.0.1", change)).toEqual(Object.keys(change));
  });
});

describe("this release", () => {
  it("judges as this engine does, sheet by sheet", () => {
    for (const [release, name] of sheets.filter(([release]) => release === releases.at(-1)))
      expect((reprove(json(release, name)) as Reproof).because, name).toEqual([]);
  });
});

describe("with a rule and a house number added", () => {
  const added = rule({
    id: "body/added-since",
    asks: "Added since",
    source: "a test",
    inputs: [],
    dependsOn: ["line", "seat"],
    examine: ({ house: h }) =>
      plain("holds", "It is there.", { value: (h as unknown as { sunShade: number }).sunShade, uses: [] }),
  });
  const definitions = { ...houseRuleDefinitions, sunShade: number("Sun shade", "K", 5, [0, 10], "A test.") };
  const defaults = { ...house, sunShade: 5 } as HouseRules;
  const checked = z.looseObject({ sunShade: z.number().min(0).max(10) }) as unknown as z.ZodType<HouseRules>;
  const by = { rules: [...rules, added], house: storedHouseRulesSchema(defaults, checked) };
  it("a sheet of the last release differs because of them only", () => {
    expect(choice("x", ["a"], "a", "y").default).toBe("a");
    expect(Object.keys(definitions)).toHaveLength(Object.keys(house).length + 1);
    const result = reprove(json(releases.at(-1)!, "sheet-XV-3052.json"), by) as Reproof;
    expect(result.same).toBe(false);
    expect(result.because).toEqual([`New since engine ${releases.at(-1)}: body/added-since.`]);
    expect(result.broughtUp.join(" ")).toContain("sunShade");
    expect(result.differences).toMatchObject([
      { path: "proof.findings.body/added-since", was: null, now: { value: 5 } },
    ]);
  });
});

describe("a duty", () => {
  it("without a version is of the first, and its function becomes a set", () => {
    expect(storedDutySchema.parse({ function: "throttling" })).toMatchObject({
      format: dutyFormat,
      function: ["throttling"],
    });
    expect(storedDutySchema.parse({ function: null }).function).toBeNull();
    expect(storedDutySchema.parse({})).toEqual(emptyDuty);
    expect(storedDutySchema.parse({ function: ["throttling", "emergency shut-down"] }).function).toEqual([
      "throttling",
      "emergency shut-down",
    ]);
  });
  it("of a newer release is refused with what to do", () => {
    expect(storedDutySchema.safeParse({ format: "proven-seat-duty/9" }).error!.issues[0]!.message).toMatch(
      /newer release.*Update/,
    );
  });
  it("keeps the place of a fault", () => {
    const issue = storedDutySchema.safeParse({ dn: 155 }).error!.issues[0]!;
    expect([issue.path, issue.message]).toEqual([["dn"], "DN 155 is not a nominal size."]);
  });
  it.each(releases.filter((release) => has(release, "duties.json")))(
    "of every tag of engine %s is read, and proves like the newest",
    (release) => {
      for (const [number, duty] of Object.entries(json(release, "duties.json")).slice(0, 6)) {
        const read = storedDutySchema.parse(duty);
        expect(dutyKind.upcast(read), number).toMatchObject({ was: 3, steps: [] });
        const asked = proveRequest({ duty, limit: 1 }, { shelf: demoShelf, house });
        expect(asked, number).toMatchObject({ considered: prove(read, demoShelf, house).candidates.length });
      }
    },
  );
});

describe("house rules", () => {
  it.each(releases.filter((release) => has(release, "house-rules.json")))(
    "of engine %s are read, with defaults for rules added since",
    (release) => {
      const document = json(release, "house-rules.json");
      const old = document.values ?? document;
      const { values, byDefault } = readHouseRules(document);
      expect(values).toEqual({ ...house, ...old });
      expect([...byDefault, ...Object.keys(old)].sort()).toEqual(Object.keys(house).sort());
    },
  );
  it("are written with their format, and read back the same", () => {
    expect(readHouseRules(JSON.parse(JSON.stringify(storedHouseRules(house)))).values).toEqual(house);
  });
  it("with an unknown rule, or out of range, are refused", () => {
    expect(() => readHouseRules({ ...storedHouseRules(house), values: { noSuchRule: 1 } })).toThrow();
    expect(() => readHouseRules({ ...house, serviceFactor: 99 })).toThrow(/between/);
  });
});

describe("a catalogue", () => {
  it.each(releases.filter((release) => has(release, "catalogue.json")))(
    "of %s lacks nothing after the update: stored ones are read without their schema",
    (release) => {
      const brought = catalogueKind.upcast(json(release, "catalogue.json"));
      const { document } = brought as { document: Record<string, unknown> };
      expect(catalogueSchema.parse(document)).toEqual(document);
    },
  );
  it.each(releases.filter((release) => has(release, "catalogue.json")))(
    "of engine %s is read completely",
    (release) => {
      const reading = readCatalogueDocument(json(release, "catalogue.json"));
      expect(reading.faults).toEqual([]);
      expect(reading.catalogue!.format).toBe(catalogueKind.newest);
    },
  );
  it("of the first version promises nothing it did not state", () => {
    for (const line of readCatalogueDocument(json("0.1.0", "catalogue.json")).catalogue!.lines)
      expect(line).toMatchObject({
        antiStatic: false,
        blowOutProofStem: false,
        ventAndDrain: false,
        equalisingGrooves: false,
        deadEndFactor: null,
      });
  });
  it("of a newer release is refused with what to do", () => {
    expect(readCatalogueDocument({ format: "proven-seat-catalogue/99" }).faults[0]!.reason).toMatch(
      /newer release/,
    );
  });
  it("keeps its digest, whatever it is updated to", () => {
    const old = json("0.1.0", "catalogue.json");
    const before = digestOf(old);
    readCatalogueDocument(old);
    expect(digestOf(old)).toBe(before);
  });
});

describe("a line list", () => {
  it.each(releases.filter((release) => has(release, "line-list.csv")))(
    "of engine %s is read completely",
    (release) => {
      const table = findTable(gridOfText(json(release, "line-list.csv")));
      const plan = planFor(table);
      expect(plan.filter((column) => column.field === null || column.doubt !== null)).toEqual([]);
      const reading = convertLineList(table, plan);
      expect(reading.faults).toEqual([]);
      expect(reading.tags.length).toBeGreaterThanOrEqual(20);
      if (!has(release, "duties.json")) return;
      const duties = json(release, "duties.json") as Record<string, unknown>;
      for (const tag of reading.tags)
        expect(tag.duty, tag.number).toEqual(storedDutySchema.parse(duties[tag.number]));
    },
  );
  it("written now reads back the same, with several functions", () => {
    const tags = demoTags.map((tag, i) => ({
      ...tag,
      unit: "Demo",
      remarks: {},
      duty:
        i % 3 ? tag.duty : { ...tag.duty, function: ["throttling" as const, "emergency shut-down" as const] },
    }));
    const table = findTable(gridOfText(writeCsv(tags)));
    const reading = convertLineList(table, planFor(table));
    expect(reading.faults).toEqual([]);
    expect(reading.tags.map((t) => t.duty)).toEqual(tags.map((t) => storedDutySchema.parse(t.duty)));
  });
});

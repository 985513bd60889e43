import { describe, expect, it } from "vitest";
import { demoTags } from "../../../test/demo.ts";
import { sheetOf } from "../../../test/demo-sheet.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import type { Sheet } from "../../judgement/proof/sheet.ts";
import type { StrokePicture } from "../../judgement/proof/stroke.ts";
import type { Block, PrintedDocument } from "./printed.ts";
import { sheetDocument } from "./sheet-document.ts";
import { strokeDrawing } from "./sheet-drawings.ts";

const house = defaultHouseRules();
const documentOf = (sheet: Sheet, system: "metric" | "US" = "metric") =>
  sheetDocument(sheet, house, { system });
const block = <Kind extends Block["kind"]>({ blocks }: PrintedDocument, kind: Kind) =>
  blocks.find((b) => b.kind === kind) as Extract<Block, { kind: Kind }>;

describe("a sheet as a document", () => {
  it("names the standards of the project where it states any", () => {
    const said = (standards: string) =>
      documentOf(sheetOf("XV-3052", { standards })).blocks.flatMap((b) =>
        b.kind === "remark" ? [b.words] : [],
      );
    expect(said("API 6D, 25th edition")).toContain(
      "Standards of the project, as stated: API 6D, 25th edition",
    );
    expect(said("").join()).not.toMatch(/Standards/);
  });
  it("has everything an order needs, in reading order", () => {
    const { blocks } = documentOf(sheetOf("XV-3052"));
    expect(blocks.map((b) => b.kind)).toEqual([
      "pairs",
      "remark",
      "table",
      "verdict",
      "cautions",
      "pictures",
      "signatures",
      "findings",
      "pairs",
      "table",
      "table",
    ]);
    const [, on] = (blocks.at(-3) as Extract<(typeof blocks)[number], { kind: "pairs" }>).groups;
    expect(on!.name).toBe("Accessories");
    expect(on!.pairs.map(([kind]) => kind)).toEqual(["filter-regulator", "solenoid valve", "limit switches"]);
    // A bare stem has no actuator.
    expect(documentOf(sheetOf("XV-3061")).blocks.at(-2)!.kind).toBe("findings");
  });
  it("lists every joint with its seals, from the pieces of the valve", () => {
    const joints = documentOf(sheetOf("XV-3052")).blocks.at(-1) as Extract<Block, { kind: "table" }>;
    expect(joints.name).toBe("Joints and their seals");
    const behind = joints.rows.find(([name]) => /behind the upstream seat/.test(name!))!;
    expect(behind[2]).toMatch(/upstream seat ring seals/);
    expect(behind[4]).toMatch(/fire ring/);
    expect(joints.rows.every((row) => row.length === joints.columns.length)).toBe(true);
  });
  it("has the control data of a throttling valve, and the pressure drop of an open one", () => {
    const flow = (number: string, system: "metric" | "US" = "metric") => {
      const { blocks } = documentOf(sheetOf(number), system);
      return blocks.flatMap((b) =>
        b.kind === "table" && /Control data|open valve/.test(b.name ?? "") ? [b] : [],
      )[0];
    };
    const control = flow("TV-4021")!;
    expect(control.rows).toHaveLength(3);
    expect(control.rows[1]!.join(" ")).toMatch(/maximum 50\.1 Kv 76\.4 % 3\.87 m\/s – \d+ dB\(A\)/);
    expect(flow("TV-4021", "US")!.rows[1]!.join(" ")).toMatch(/58 Cv 76\.4 % 12\.7 ft\/s/);
    expect(flow("XV-1021")!.rows).toEqual([["normal", "0.047 bar", "3.87 m/s", "–"]]);
    expect(flow("XV-3052")).toBeUndefined();
  });
  it("names its subject, date of issue and inputs", () => {
    const sheet = sheetOf("XV-3052", { tag: { number: "XV-3052", service: "", unit: "Compression" } });
    const printed = documentOf(sheet);
    expect(printed).toMatchObject({
      name: "Valve specification",
      of: "XV-3052",
      where: "Tarn Ness / Compression",
      issued: "revision A · issued 2026-01-02 03:04 UTC by engineer",
    });
    expect(printed.fingerprint.digest).toContain(sheet.digest);
    expect(printed.fingerprint.madeOf).toContain(`engine ${sheet.engine}`);
  });
  it("is marked as not issued until it is", () => {
    const draft = documentOf(sheetOf("XV-3052", { issued: { at: "", by: "" } }));
    expect(draft.issued).toBe("revision A, not issued");
    expect(block(draft, "signatures").lines[0]).toEqual({ role: "prepared", by: "" });
  });
  it("lists every finding once in an annex: those asked in full, the others by name", () => {
    for (const { number } of demoTags.filter((_, index) => index % 6 === 0)) {
      const sheet = sheetOf(number);
      const { groups, notAsked } = block(documentOf(sheet), "findings");
      const rows = groups.flatMap((g) => g.rows);
      expect(rows.length + notAsked.length, number).toBe(sheet.proof.findings.length);
      expect(new Set(rows.map((r) => r.rule)).size).toBe(rows.length);
      for (const row of rows) if (row.verdict === "cannot tell") expect(row.small).not.toBe("");
    }
  });
  it("numbers cases like the envelope chart, and marks open and reverse ones", () => {
    const sheet = sheetOf("XV-3017");
    const printed = documentOf(sheet);
    const { rows } = block(printed, "table");
    expect(rows.map(([name]) => name)).toEqual(
      sheet.inputs.duty.cases.map((c, index) => expect.stringContaining(`${index + 1} ${c.name}`)),
    );
    const limits = block(printed, "pictures").pictures[1]!.drawing.marks;
    const numbers = limits.flatMap((m) => (m.kind === "words" && m.tone === "ink" ? [m.words] : []));
    expect(numbers.length).toBeGreaterThan(0);
    for (const n of numbers) expect(Number(n)).toBeLessThanOrEqual(rows.length);
    const [first] = sheet.inputs.duty.cases;
    const changed = {
      ...first!,
      mayBeShut: false,
      flow: "reverse" as const,
      upstreamBarG: null,
      downstreamBarG: 3,
    };
    const other = documentOf({
      ...sheet,
      inputs: { ...sheet.inputs, duty: { ...sheet.inputs.duty, cases: [changed] } },
    });
    expect(block(other, "table").rows).toEqual([
      [`1 ${first!.name} (open) (reverse)`, first!.kind, "vented", "3 bar g", expect.any(String)],
    ]);
  });
  it("warns of an override and prints notes as written", () => {
    const override = { reason: "as the owner asked", by: "engineer", rules: [] };
    expect(block(documentOf(sheetOf("XV-3052", { override, notes: "Insulate." })), "verdict")).toMatchObject({
      warning: "Overridden by engineer: as the owner asked",
      notes: "Insulate.",
    });
    expect(block(documentOf(sheetOf("XV-3052")), "verdict").warning).toBeNull();
  });
  it("uses the reader's units in words and pictures", () => {
    const { blocks } = documentOf(sheetOf("XV-3052"), "US");
    const text = JSON.stringify(blocks.filter((b) => b.kind !== "findings"));
    expect(text).toMatch(/psi g/);
    expect(text).not.toMatch(/\d (bar g|°C|N·m|mm)\b/);
  });
  it("has no pictures where its extract no longer holds the candidate", () => {
    const sheet = sheetOf("XV-3052");
    const gone = { ...sheet, inputs: { ...sheet.inputs, valve: "no such valve" } };
    expect(documentOf(gone).blocks.some((b) => b.kind === "pictures")).toBe(false);
  });
});

describe("hazards on a sheet", () => {
  const pairsOf = (number: string) =>
    block(documentOf(sheetOf(number)), "pairs").groups.flatMap((group) => group.pairs);
  it("are listed as judged where they are more than was entered", () => {
    expect(pairsOf("XV-1030")).toContainEqual(["Examined as", "flammable, toxic, lethal"]);
    expect(pairsOf("XV-3052").map(([label]) => label)).not.toContain("Examined as");
  });
});

describe("its drawings", () => {
  it("lie inside their frame, with every number of the section named", () => {
    for (const { number } of demoTags.filter((_, index) => index % 5 === 0)) {
      const { pictures } = block(documentOf(sheetOf(number)), "pictures");
      for (const { drawing, caption } of pictures) {
        for (const mark of drawing.marks) {
          if (mark.kind === "path") continue;
          expect(mark.x, `${number} ${drawing.says}`).toBeGreaterThan(-2);
          expect(mark.x).toBeLessThan(drawing.wide + 2);
          expect(mark.y).toBeGreaterThan(-2);
          expect(mark.y).toBeLessThan(drawing.high + 2);
        }
        if (!drawing.says.startsWith("Section")) continue;
        const numbers = drawing.marks.flatMap((m) => (m.kind === "words" ? [m.words] : []));
        expect(caption.split(" · ").map((part) => part.split(" ")[0])).toEqual(numbers);
      }
    }
  });
  it("call no case good: within its pressure it may still be tight or too hot", () => {
    for (const { number } of demoTags.filter(
      ({ duty }, index) =>
        index % 4 === 0 && duty.cases.some((c) => c.upstreamBarG !== null && c.temperatureC !== null),
    )) {
      const { pictures } = block(documentOf(sheetOf(number)), "pictures");
      const dots = pictures[1]!.drawing.marks.flatMap((m) => (m.kind === "dot" ? [m.fill] : []));
      expect(dots.length, number).toBeGreaterThan(0);
      for (const fill of dots) expect(["ink", "fails"]).toContain(fill);
    }
  });
  it("leave the stroke out where the demand is not known", () => {
    const stroke = { needed: null, factor: 1 } as unknown as StrokePicture;
    expect(strokeDrawing(stroke, { wide: 100, high: 100 }, { system: "metric" })).toBeNull();
  });
});

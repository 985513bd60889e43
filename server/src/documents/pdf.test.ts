import { execFileSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { readSheet, type SheetDetails } from "@proven-seat/core/judgement/proof";
import { sheetDocument } from "@proven-seat/core/outcome/documents";
import { describe, expect, it } from "vitest";
import { sheetOf } from "../../../core/test/demo-sheet.ts";
import { dress } from "./dress.ts";
import { pdfOf } from "./pdf.ts";

async function printed(details: Partial<SheetDetails>) {
  const reading = readSheet(JSON.parse(JSON.stringify(sheetOf("XV-3052", details))));
  if ("error" in reading) throw new Error(reading.error.message);
  const document = sheetDocument(reading.sheet, reading.house, { system: "metric" });
  const pdf = await pdfOf(document);
  const file = join(mkdtempSync(join(tmpdir(), "pdf-")), "sheet.pdf");
  writeFileSync(file, pdf);
  const text = execFileSync("pdftotext", ["-layout", file, "-"], { encoding: "utf8" });
  const fonts = execFileSync("pdffonts", [file], { encoding: "utf8" });
  return { text, flowing: text.replace(/\s+/g, " "), fonts, document, bytes: pdf.length };
}

/** Without blanks of any kind: lines break where they must. */
const joined = (text: string) => text.replace(/\s/g, "");
const tag = (number: string, service = "", unit = "") => ({ number, service, unit });

describe("an issued sheet as PDF", () => {
  it.each(["W".repeat(40), "XV-1234567890-1234567890-1234567890-12", "阀".repeat(40)])(
    "never cuts a tag number: %s",
    async (number) => {
      const { text } = await printed({ tag: tag(number) });
      // On every page.
      expect(text.replace(/\s+/g, "").split(number).length - 1).toBeGreaterThanOrEqual(3);
    },
  );
  it("never cuts a limit, a note or the reason of an override", async () => {
    const notes = Array.from({ length: 180 }, (_, i) => `note ${i}`).join(" ");
    const reason = Array.from({ length: 110 }, (_, i) => `reason ${i}`).join(" ");
    const { flowing, document } = await printed({ notes, override: { by: "engineer", reason, rules: [] } });
    expect(flowing).toContain("note 179");
    expect(flowing).toContain("reason 109");
    for (const block of document.blocks)
      if (block.kind === "findings")
        for (const row of block.groups.flatMap((group) => group.rows)) {
          for (const words of [row.figures, row.small]) expect(joined(flowing)).toContain(joined(words));
        }
  });
  it("ends no line within a figure", async () => {
    const { text } = await printed({});
    expect(text).toMatch(/\d[\s\u00a0]\d{3}[\s\u00a0]N·m/);
    expect(text).not.toMatch(/\d,? *\n *\d{3} N·m/);
  });
  it("supports other alphabets, and embeds only the used characters", async () => {
    const plain = await printed({});
    const many = await printed({
      tag: tag("XV-1", "Ввод газа", "第二工厂"),
      project: "صمام الغاز",
      notes: "Υποσημείωση",
    });
    for (const words of ["Ввод газа", "第二工厂", "Υποσημείωση"]) expect(many.flowing).toContain(words);
    expect(many.fonts).toMatch(/NotoSansSC/);
    expect(many.fonts).toMatch(/NotoSansArabic/);
    expect(plain.fonts).not.toMatch(/Noto/);
    expect(many.bytes - plain.bytes).toBeLessThan(60_000);
  });
  it("names a character that no face has, instead of an empty box", async () => {
    expect((await printed({ notes: "valve ก and 🔧" })).flowing).toContain("valve [U+0E01] and [U+1F527]");
  });
});

describe("the face of a text", () => {
  it.each([
    ["DN 50 ≤ 40 °C, CO₂, Ω", "plain", "plain"],
    ["Задвижка", "strong", "wide"],
    ["第二 ≤ 5", "plain", "han"],
    ["≤ 5", "figures", "han"],
  ] as const)("%s is set in one that has all of it", (text, wanted, face) => {
    expect(dress(text, wanted)).toEqual([{ face, text }]);
  });
  it("puts right-to-left words in reading order", () => {
    const set = (text: string) =>
      dress(text, "plain")
        .map((run) => run.text)
        .join("");
    expect(set("XV-1 صمام الغاز DN")).toBe("XV-1 الغاز صمام DN");
  });
  it("changes within a text where no face has all of it", () => {
    expect(dress("صمام CO₂ 阀", "plain")).toEqual([
      { face: "arabic", text: "صمام " },
      { face: "plain", text: "CO₂ " },
      { face: "han", text: "阀" },
    ]);
  });
});

import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { reportOf } from "../../../test/line-lists/report.ts";
import { controlWorkbook, italianWorkbook } from "../../../test/line-lists/workbooks.ts";

const folder = join(import.meta.dirname, "../../../test/line-lists");
const file = (name: string) => async () => new Uint8Array(readFileSync(join(folder, name)));

describe("realistic lists are understood, value by value", () => {
  it.each([
    ["us-refinery", file("us-refinery.csv")],
    ["german-plant", file("german-plant.csv")],
    ["french-two-rows", file("french-two-rows.csv")],
    ["kpa-tall", file("kpa-tall.tsv")],
    ["spanish", file("spanish.csv")],
    ["dutch", file("dutch.txt")],
    ["portuguese", file("portuguese.csv")],
    ["italian-workbook", italianWorkbook],
    ["control-workbook", controlWorkbook],
  ])("%s", async (name, bytes) => {
    await expect(await reportOf(await bytes())).toMatchFileSnapshot(join(folder, "expected", `${name}.txt`));
  });
});

import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { drawing, faultOf, importsInCore } from "./walls.ts";

const root = join(import.meta.dirname, "../..");
const imports = importsInCore(root);

describe("the walls of core", () => {
  it("hold: every import goes to the same floor or down, types included", () => {
    expect(imports.length).toBeGreaterThan(2000);
    expect(imports.flatMap((line) => faultOf(line) ?? [])).toEqual([]);
  });
  it.each([
    ["a higher district", "duty/area/fit.ts", "equipment/drives/kind.ts", /higher floor/],
    ["a higher room of its own district", "duty/fields/field.ts", "duty/statement/duty.ts", /higher floor/],
    ["a door", "judgement/rules/rules.ts", "basis/units/index.ts", /imports the door/],
    ["a room nobody listed", "duty/guesses/guess.ts", "basis/units/units.ts", /not listed/],
    ["a file that stands in no room", "duty/fields/field.ts", "duty/loose.ts", /stands in a room/],
  ])("refuse an import of %s", (_, from, to, says) => {
    expect(faultOf({ from, to })).toMatch(says);
  });
  it("allow an import downwards and inside a room", () => {
    expect(faultOf({ from: "outcome/shop/plan.ts", to: "basis/units/units.ts" })).toBeNull();
    expect(faultOf({ from: "duty/line-list/row.ts", to: "duty/line-list/plan.ts" })).toBeNull();
  });
  it("are drawn in docs/house.md as they are", () => {
    const page = readFileSync(join(root, "docs/house.md"), "utf8").replace(/ +/g, " ");
    expect(drawing(imports).filter((row) => !page.includes(row))).toEqual([]);
  });
});

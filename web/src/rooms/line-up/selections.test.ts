// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import { demoDuty, demoProver } from "../../../test/at-the-bench.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { selectionsSheet } from "./selections.ts";

const { rows } = demoProject(["XV-3052", "XV-3017"]);
const sheet = selectionsSheet(
  [{ ...rows[0]!, choice: { valve: "v", drive: "d", notes: "", overrideReason: "Tried." } }, rows[1]!],
  (row) => (row === rows[1] ? null : demoProver().summarise(demoDuty(row.number), null)),
  { system: "metric" },
);
const cell = (row: number, heading: string) =>
  [...sheet.rows][row]![sheet.columns.findIndex((column) => column.heading === heading)];

describe("the sheet of selections", () => {
  it("has marks as words, the selection and the limiting finding", () => {
    expect(cell(0, "Tag")).toBe("XV-3052");
    expect(cell(0, "Size")).toBe(demoDuty("XV-3052").dn);
    expect(["holds", "tight", "fails", "cannot tell", "not asked"]).toContain(cell(0, "Body"));
    expect([cell(0, "Chosen valve"), cell(0, "Chosen actuator"), cell(0, "Reason for override")]).toEqual([
      "v",
      "d",
      "Tried.",
    ]);
    expect(cell(0, "Limited by")).toMatch(/\w+: /);
    for (const count of ["Suitable", "Cannot tell", "Ruled out"]) expect(cell(0, count)).toBeTypeOf("number");
  });
  it("marks a tag that is not proved yet", () => {
    expect(cell(1, "Body")).toBe("not proved yet");
    expect(cell(1, "Limited by")).toBe("not proved yet");
    expect(cell(1, "Chosen valve")).toBe("");
  });
  it("has as many cells as columns in each row", () => {
    for (const row of sheet.rows) expect(row).toHaveLength(sheet.columns.length);
  });
});

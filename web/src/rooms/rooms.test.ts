// @vitest-environment happy-dom
import type { TagRow } from "@proven-seat/contract";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import { describe, expect, it } from "vitest";
import { markedStations } from "../stations/index.ts";
import type { BenchView } from "../workers/bench-view.ts";
import { caseVerdicts, stationMarks } from "./bench/marks.ts";
import { everything, fits } from "./line-up/filter.ts";

const row: TagRow = {
  id: "00000000-0000-4000-8000-000000000001",
  number: "XV-1",
  service: "Lean amine",
  unit: "Amine",
  dn: 150,
  lineDesignation: "class 600",
  version: 1,
  choice: null,
  remarks: {},
  sheet: null,
};
const summary: TagSummary = {
  choiceGone: false,
  duty: "holds",
  stations: {
    duty: "holds",
    body: "holds",
    envelope: "tight",
    flow: "not asked",
    torque: "holds",
    drive: "fails",
    "fit-up": "not asked",
  },
  verdict: "fails",
  standing: 0,
  considered: 9,
  cannotTell: 0,
  heldBy: null,
  missing: [],
  valve: null,
};

const stationVerdict = (row: TagRow, proved: TagSummary | null, station: string) =>
  markedStations.find((s) => s.id === station)!.verdict(row, proved);

describe("line-up filter", () => {
  it.each([
    ["amine", true],
    ["XV-1", true],
    ["150", true],
    ["CLASS 600", true],
    ["steam", false],
  ])("finds %s: %s", (text, found) => {
    expect(fits(row, summary, { ...everything, text })).toBe(found);
  });
  it("filters by verdict, at a station or over all", () => {
    expect(fits(row, summary, { ...everything, verdict: "fails" })).toBe(true);
    expect(fits(row, summary, { ...everything, verdict: "tight" })).toBe(false);
    expect(fits(row, summary, { ...everything, verdict: "tight", station: "envelope" })).toBe(true);
    expect(fits(row, { ...summary, verdict: "cannot tell" }, { ...everything, verdict: "cannot tell" })).toBe(
      true,
    );
    expect(fits(row, null, { ...everything, verdict: "fails" })).toBe(false);
  });
  it("marks the sheet by its revision", () => {
    expect(stationVerdict(row, summary, "sheet")).toBe("not asked");
    expect(stationVerdict({ ...row, sheet: { id: row.id, revision: "A" } }, summary, "sheet")).toBe("holds");
    expect(stationVerdict(row, null, "body")).toBeNull();
  });
});

describe("the line across the bench", () => {
  const units = { system: "metric", absolute: false } as const;
  const marksOf = (
    view: BenchView | null,
    cases: number,
    chosen: boolean,
    issued: { revision: string; current: boolean } | null,
  ) => stationMarks({ view, cases, chosen, issued, units });
  const mark = (marks: ReturnType<typeof stationMarks>, id: string) => marks.find((m) => m.id === id)!;

  it("shows nothing unknown before the first proof", () => {
    const marks = marksOf(null, 1, false, null);
    expect(marks.map((m) => m.verdict)).toEqual(Array.from({ length: 8 }, () => "not asked"));
    expect(mark(marks, "duty").says).toBe("1 case");
    expect(mark(marks, "sheet").says).toBe("nothing chosen");
  });
  it("takes words and verdicts from the selected candidate", () => {
    const finding = (rule: string, station: string, verdict: string, byCase: unknown[] = []) => ({
      rule,
      station,
      asks: `asks ${rule}`,
      verdict,
      byCase,
    });
    const findings = [
      finding("drive/strength", "drive", "tight"),
      finding("envelope/body-class", "envelope", "holds", [
        { caseId: "a", verdict: "holds" },
        { caseId: "b", verdict: "tight" },
      ]),
      finding("envelope/seat-limit", "envelope", "fails", [
        { caseId: "a", verdict: "fails" },
        { caseId: "b", verdict: "not asked" },
      ]),
    ];
    const candidate = {
      findings,
      stations: { body: "holds", envelope: "fails", torque: "holds", drive: "tight", "fit-up": "holds" },
      valve: { construction: "Trunnion ball", seat: "PEEK", pad: "F16" },
      drive: { size: "RP 200" },
      breakNm: 612,
    };
    const view = {
      missing: [{}],
      dutyVerdict: "holds",
      choiceGone: false,
      selected: { candidate },
    } as unknown as BenchView;
    const marks = marksOf(view, 4, true, null);
    expect(mark(marks, "duty").says).toBe("4 cases, 1 missing");
    expect(mark(marks, "envelope")).toMatchObject({ verdict: "fails", says: "asks envelope/seat-limit" });
    expect(mark(marks, "drive")).toMatchObject({ verdict: "tight", says: "asks drive/strength" });
    expect(mark(marks, "torque").says).toBe("612 N·m breakaway");
    expect(mark(marks, "sheet")).toMatchObject({
      verdict: "not asked",
      paper: "ready",
      says: "ready to issue",
    });
    const issued = (current: boolean) => mark(marksOf(view, 4, true, { revision: "B", current }), "sheet");
    expect(issued(true)).toMatchObject({ paper: "issued", says: "revision B" });
    expect(issued(false)).toMatchObject({ paper: "changed since", says: "revision B, changed since" });
    const gone = { ...view, choiceGone: true } as BenchView;
    expect(mark(marksOf(gone, 4, true, null), "sheet").paper).toBe("selection invalid");
    expect(mark(marksOf(view, 4, false, null), "sheet").paper).toBe("none");
    expect(marks.filter((m) => m.paper !== null).map((m) => m.id)).toEqual(["sheet"]);
    const bare = (breakNm: number) =>
      mark(
        marksOf(
          {
            ...view,
            selected: { candidate: { ...candidate, findings: [], drive: null, breakNm } },
          } as unknown as BenchView,
          4,
          true,
          null,
        ),
        "drive",
      ).says;
    expect(bare(120)).toBe("by hand, 120 N·m");
    expect(bare(270)).toBe("by hand, 270 N·m");
    expect(bare(271)).toBe("by hand, 271 N·m: needs a gearbox");
    expect(caseVerdicts(view)).toEqual({ a: "fails", b: "tight" });
  });
});

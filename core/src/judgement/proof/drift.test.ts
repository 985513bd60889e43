import { describe, expect, it } from "vitest";
import { demoCatalogue, demoDuty, demoShelf } from "../../../test/demo.ts";
import { sheetOf } from "../../../test/demo-sheet.ts";
import { defaultHouseRules, type HouseRules } from "../../basis/house/house-rules.ts";
import { compileShelf } from "../../equipment/catalogue/shelf.ts";
import { driftOf, turnedBetween } from "./drift.ts";
import type { Sheet } from "./sheet.ts";
import { summarise } from "./summary.ts";

const house = defaultHouseRules();
const issued: Sheet = JSON.parse(JSON.stringify(sheetOf("XV-3052")));
const under = (rules: Partial<HouseRules>, shelf = demoShelf) =>
  driftOf(issued, { shelf, house: { ...house, ...rules } });
type Lines = (typeof demoCatalogue)["lines"];
const shelfOf = (change: (line: Lines[number]) => Lines[number] | null) =>
  compileShelf({
    ...demoCatalogue,
    lines: demoCatalogue.lines.flatMap((line) => change(line) ?? []),
  });
const lineOf = issued.inputs.catalogue.lines[0]!.id;

describe("an issued sheet proved again", () => {
  it("is the same on its own basis", () => {
    expect(under({})).toMatchObject({ outcome: "same", grave: 0, findings: [], because: null });
  });
  it("has moved figures where no verdict changes", () => {
    const { outcome, findings, was, now } = under({ serviceFactor: house.serviceFactor * 1.02 });
    expect(outcome).toBe("figures moved");
    expect(now!.verdict).toBe(was.verdict);
    expect(findings.length).toBeGreaterThan(0);
    for (const { was: a, now: b } of findings) expect(a!.verdict).toBe(b!.verdict);
  });
  it("has a changed verdict where one changes, the gravest first", () => {
    const { outcome, findings, now, grave } = under({ serviceFactor: 3 });
    expect(outcome).toBe("verdict changed");
    expect(now!.verdict).toBe("fails");
    expect(findings[0]!.now!.verdict).toBe("fails");
    expect(findings[0]!.was!.verdict).not.toBe("fails");
    expect(grave).toBeGreaterThan(under({ serviceFactor: house.serviceFactor * 1.02 }).grave);
  });
  it("cannot be proved where its line or actuator is no longer offered, or it is unreadable", () => {
    const withoutLine = under(
      {},
      shelfOf((line) => (line.id === lineOf ? null : line)),
    );
    expect(withoutLine).toMatchObject({ outcome: "cannot be proved", now: null });
    expect(withoutLine.because).toMatch(/no longer offered/);
    const withoutDrive = compileShelf({ ...demoCatalogue, drives: [] });
    expect(under({}, withoutDrive).outcome).toBe("cannot be proved");
    expect(driftOf({ format: "nonsense" }, { shelf: demoShelf, house })).toMatchObject({
      outcome: "cannot be proved",
      because: expect.stringMatching(/cannot be read/),
    });
  });
  it("ranks higher the graver the change", () => {
    const cannot = under(
      {},
      shelfOf((line) => (line.id === lineOf ? null : line)),
    ).grave;
    const fails = under({ serviceFactor: 3 }).grave;
    expect(fails).toBeGreaterThan(cannot);
    expect(cannot).toBeGreaterThan(under({ serviceFactor: house.serviceFactor * 1.02 }).grave);
    // As issued by another release, failing where it holds today.
    const worse = structuredClone(issued) as unknown as { proof: { findings: { verdict: string }[] } };
    worse.proof.findings.find((f) => f.verdict === "holds")!.verdict = "fails";
    const milder = driftOf(worse, { shelf: demoShelf, house });
    expect(milder.outcome).toBe("verdict changed");
    expect(milder.grave).toBeLessThan(cannot);
  });
  it("counts a new rule as drift where it does not hold", () => {
    const without = (verdict: string) => {
      const before = structuredClone(issued) as unknown as { proof: { findings: { verdict: string }[] } };
      const index = before.proof.findings.findIndex((f) => f.verdict === verdict);
      before.proof.findings.splice(index, 1);
      return driftOf(before, { shelf: demoShelf, house }).outcome;
    };
    expect(without("holds")).toBe("same");
    expect(without("not asked")).toBe("same");
    expect(without("tight")).toBe("verdict changed");
  });
});

describe("a line of a list proved again", () => {
  const duty = demoDuty("XV-3052");
  const keys = { valve: issued.inputs.valve, drive: issued.inputs.drive };
  const driftWith = (rules: Partial<HouseRules>, shelf = demoShelf, choice: typeof keys | null = keys) =>
    summarise(duty, choice, { shelf, house: { ...house, ...rules } });
  it("has the same outcomes as a sheet", () => {
    const was = driftWith({});
    expect(turnedBetween(was, driftWith({})).outcome).toBe("same");
    expect(turnedBetween(was, driftWith({ serviceFactor: 3 })).outcome).toBe("verdict changed");
    const gone = driftWith(
      {},
      shelfOf((line) => (line.id === lineOf ? null : line)),
    );
    expect(turnedBetween(was, gone).outcome).toBe("cannot be proved");
    expect(turnedBetween(gone, was).outcome).toBe("verdict changed");
  });
  it("has a changed verdict where the duty's own changes, whatever its valves do", () => {
    const was = driftWith({});
    const turned = { ...was, duty: was.duty === "fails" ? ("holds" as const) : ("fails" as const) };
    expect(turnedBetween(was, turned).outcome).toBe("verdict changed");
    expect(turnedBetween(turned, was).outcome).toBe("verdict changed");
  });
  it("without a selection follows its suitable candidates", () => {
    const [was, less] = [driftWith({}, demoShelf, null), driftWith({ serviceFactor: 1.6 }, demoShelf, null)];
    expect(less.standing).toBeLessThan(was.standing);
    expect(turnedBetween(was, less).outcome).not.toBe("same");
  });
});

import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { settle } from "../../duty/settling/settle.ts";
import { type PlanKind, planNamed, shopPlan } from "../shop/plan.ts";
import { planDocument } from "./plan-document.ts";

const house = defaultHouseRules();
const context = {
  project: "Tarn Ness",
  tag: { number: "XV-1", service: "", unit: "U1" },
  valve: { key: "v", words: "a valve" },
  drive: null,
  address: "/x",
  at: "2026-01-02T03:04:05Z",
};
const planOf = (id: string, kind: PlanKind) => {
  const valve = [25, 50, 80, 100, 150, 200]
    .flatMap((dn) => demoShelf.valvesFor(dn))
    .find((v) => v.construction.id === id)!;
  return shopPlan(kind, { valve, drive: null, duty: settle(demoDuty("XV-3052"), house), house, fitting: [] });
};
const document = (id: string, kind: PlanKind, system: "metric" | "US" = "metric") =>
  planDocument(planOf(id, kind), context, { system });
const tableNamed = (made: ReturnType<typeof document>, name: string) =>
  made.blocks.find((b) => b.kind === "table" && b.name === name) as
    | { rows: readonly (readonly string[])[] }
    | undefined;

describe.each(constructions.map(({ id }) => id))("a printed plan for %s", (id) => {
  it("has every step, every caution once, and every part to count", () => {
    const plan = planOf(id, "strip");
    const made = document(id, "strip");
    expect(tableNamed(made, "Steps")!.rows.map(([, does]) => does)).toEqual(plan.steps.map((s) => s.does));
    expect(tableNamed(made, "Count-back list")!.rows.map(([name]) => name)).toEqual(
      plan.count.map((c) => c.name),
    );
    const warned = made.blocks.find((b) => b.kind === "cautions") as { words: readonly string[] };
    expect(new Set(warned.words).size).toBe(warned.words.length);
    for (const caution of plan.steps.flatMap((s) => s.cautions)) expect(warned.words).toContain(caution);
    expect(JSON.stringify(made)).not.toMatch(/undefined|NaN/);
  });
});

describe("a printed plan", () => {
  it("explains why there is none, and has no empty tables", () => {
    const made = document("floating-two-piece", "reseat");
    expect(made.blocks.some((b) => b.kind === "remark" && /strip-down plan/.test(b.words))).toBe(true);
    expect(made.blocks.some((b) => b.kind === "table")).toBe(false);
  });
  it("uses the reader's units, and has one fingerprint per plan", () => {
    const [metric, us] = [
      document("trunnion-side-entry", "put together"),
      document("trunnion-side-entry", "put together", "US"),
    ];
    const words = (made: typeof metric) => JSON.stringify(tableNamed(made, "Steps"));
    expect(words(metric)).toMatch(/N·m/);
    expect(words(us)).toMatch(/lbf·ft/);
    expect(us.fingerprint.digest).toBe(metric.fingerprint.digest);
    expect(document("trunnion-side-entry", "strip").fingerprint.digest).not.toBe(metric.fingerprint.digest);
  });
  it("lists every torque in a table, by its step", () => {
    const made = document("trunnion-side-entry", "put together");
    const torques = tableNamed(made, "Torques")!.rows;
    const steps = tableNamed(made, "Steps")!.rows;
    const withTorque = steps.filter((row) => /torque, lubricated/.test(row[2]!)).map(([place]) => place);
    expect(torques.map(([place]) => place)).toEqual(withTorque);
    expect(torques.every((row) => /lubricated.*N·m/.test(row[3]!))).toBe(true);
    expect(torques.some((row) => /× M\d+/.test(row[2]!))).toBe(true);
    expect(tableNamed(document("trunnion-side-entry", "strip"), "Torques")).toBeUndefined();
  });
  it("lists every tool once, and not beside each step", () => {
    const made = document("trunnion-side-entry", "strip");
    const said = made.blocks.flatMap((b) => (b.kind === "code" ? [b.more] : [])).join();
    expect(said).toMatch(/Tools: .*brass or plastic hook/);
    expect(said.match(/brass or plastic hook/g)).toHaveLength(1);
    expect(JSON.stringify(tableNamed(made, "Steps"))).not.toContain("brass or plastic hook");
  });
  it("has a word of its own in the address", () => {
    expect(["strip", "reseat", "together", "drive", "toString", ""].map(planNamed)).toEqual([
      "strip",
      "reseat",
      "put together",
      "fit the drive",
      null,
      null,
    ]);
  });
});

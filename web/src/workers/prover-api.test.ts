import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { orders } from "@proven-seat/core/judgement/proof";
import { beforeEach, describe, expect, it } from "vitest";
import { tries } from "../../../core/test/effort.ts";
import { readDemoScenario } from "../../../server/src/demo/read-demo.ts";
import { demoProver, demoDuty as duty, proving } from "../../test/at-the-bench.tsx";
import { PastProof } from "./past-proof.ts";
import { type ProverApi, proverApi } from "./prover-api.ts";

const { tags } = readDemoScenario() as { tags: { number: string }[] };

let api: ProverApi;
let ask: ReturnType<typeof proving>["ask"];
let prove: ReturnType<typeof proving>["prove"];
beforeEach(() => {
  api = demoProver();
  ({ ask, prove } = proving(api));
});

describe("the worker's answers to the bench", () => {
  it("need the shelf first", () => {
    const bare = proverApi();
    bare.prove(1, duty("XV-3017"));
    expect(() => bare.outline(1)).toThrow(/has not been loaded/);
    expect(() => bare.rows(1, "price", null, 0, 10)).toThrow(/has not been loaded/);
  });
  it("show the best of each line, class and seat, and count the rest", () => {
    const view = prove(duty("XV-3017"));
    expect(new Set(view.rows.map((r) => r.group)).size).toBe(view.rows.length);
    expect(view.rows.reduce((n, r) => n + r.more + 1, 0)).toBe(view.considered);
    expect(view.selected?.candidate.key).toBe(view.rows[0]!.key);
    expect(view.nearestMisses).toEqual([]);
  });
  it("list the variants of a row, the row itself first", () => {
    const view = prove(duty("XV-3017"));
    const variants = ask.variants(view.rows[0]!.key);
    expect(variants).toHaveLength(view.rows[0]!.more + 1);
    expect(variants[0]!.key).toBe(view.rows[0]!.key);
    expect(new Set(variants.map((v) => v.valve.seat)).size).toBe(1);
    expect(ask.variants("nothing")).toEqual([]);
    expect(ask.variants(variants.at(-1)!.key)).toEqual(variants);
  });
  it("keep a selection, also when the duty changes", () => {
    const first = prove(duty("XV-3017"));
    const chosen = first.rows[3]!.key;
    const changed = { ...duty("XV-3017"), longestShutDays: 10 };
    expect(prove(changed, chosen).selected?.candidate.key).toBe(chosen);
    const gone = prove(duty("XV-1021"), chosen);
    expect(gone.askedFor).toBe(chosen);
    expect(gone.selected?.candidate.key).toBe(gone.rows[0]!.key);
  });
  it("list every actuator for the selected valve, suitable ones first, and prove the selected one", () => {
    const view = prove(duty("XV-3052"));
    const drives = ask.drives(view.selected!.candidate.key);
    expect(drives).toHaveLength(256);
    const falls = drives.map((d) => d.verdict === "fails");
    expect(falls).toEqual([...falls].sort());
    const other = drives.at(-1)!.key;
    const choice = { valve: drives.at(-1)!.valve.key, drive: drives.at(-1)!.drive!.key };
    const chosen = prove(duty("XV-3052"), other, choice);
    expect(chosen.chosen?.key).toBe(other);
    expect(chosen.selected?.candidate.key).toBe(other);
  });
  it("report when a choice is no longer a candidate", () => {
    const choice = { valve: "no such valve", drive: null };
    expect(prove(duty("XV-3052"), null, choice)).toMatchObject({
      choiceGone: true,
      chosen: null,
    });
  });
  it("count a candidate with a cannot tell and no fails apart from the suitable ones", () => {
    const known = prove(duty("XV-3052"));
    const unknown = prove({
      ...duty("XV-3052"),
      fluid: { ...duty("XV-3052").fluid, family: null, substance: null },
    });
    expect(known).toMatchObject({ cannotTell: 0 });
    expect(unknown.standing).toBe(known.standing);
    // Without the fluid nothing is suitable, however little fails.
    expect(unknown.cannotTell).toBe(unknown.standing);
  });
  it("give nearest misses only where none is suitable", () => {
    const view = prove(duty("XV-4020"));
    expect(view.standing).toBe(0);
    expect(view.nearestMisses.length).toBeGreaterThan(0);
    expect(view.nearestMisses[0]!.misses.every((m) => m.verdict === "fails")).toBe(true);
  });
  it("select nothing without a size", () => {
    expect(prove({ ...duty("XV-3017"), dn: null })).toMatchObject({
      selected: null,
      rows: [],
      considered: 0,
    });
  });
});

describe("rows of the table", () => {
  const keysOf = (rows: readonly { key: string }[]) => rows.map((r) => r.key);
  it.each(orders)("by %s come in adjacent windows", (order) => {
    prove(duty("XV-3017"));
    const whole = ask.rows(order, null, 0, 10_000);
    expect(whole.total).toBe(whole.rows.length);
    const pieces = [0, 7, 14].map((from) => ask.rows(order, null, from, 7).rows);
    expect(keysOf(pieces.flat())).toEqual(keysOf(whole.rows.slice(0, 21)));
    expect(ask.rows(order, null, whole.total, 7).rows).toEqual([]);
    expect(keysOf(ask.rows(order, null, whole.total - 2, 7).rows)).toEqual(keysOf(whole.rows.slice(-2)));
  });
  it("are the best of their group in the order asked for", () => {
    const view = prove(duty("XV-3017"));
    const held = ask.rows("weight", null, 0, 10_000).rows.filter((row) => row.verdict === "holds");
    expect(held.length).toBeGreaterThan(0);
    for (const row of held)
      for (const v of ask.variants(row.key).filter((v) => v.verdict === "holds"))
        expect(v.weightKg).toBeGreaterThanOrEqual(row.weightKg);
    expect(ask.selected("weight", [null])!.candidate.key).toBe(ask.rows("weight", null, 0, 1).rows[0]!.key);
    expect(view.rows.length).toBe(ask.rows("weight", null, 0, 1).total);
  });
  it("put the pinned one first: in place of its group where it heads it, else above it", () => {
    const view = prove(duty("XV-3017"));
    const head = view.rows[4]!;
    const windows = (pinned: string) => [
      ...ask.rows("price", pinned, 0, 3).rows,
      ...ask.rows("price", pinned, 3, 10_000).rows,
    ];
    expect(keysOf(windows(head.key))).toEqual([head.key, ...keysOf(view.rows).filter((k) => k !== head.key)]);
    expect(windows(head.key)[0]).toEqual(head);
    const behind = ask.variants(head.key)[1]!;
    expect(keysOf(windows(behind.key))).toEqual([behind.key, ...keysOf(view.rows)]);
    expect(windows(behind.key)[0]!.group).toBe("");
    expect(ask.rows("price", behind.key, 0, 1).total).toBe(view.rows.length + 1);
    expect(keysOf(windows("gone + away"))).toEqual(keysOf(view.rows));
  });
});

describe("the sheet before it is issued", () => {
  const draft = (key: string, overrideReason: string | null = null) => ({
    key,
    revision: "B",
    project: "Tarn Ness",
    standards: "ASME B16.34-2020",
    tag: { number: "XV-3052", service: "recycle", unit: "" },
    notes: "Insulate.",
    overrideReason,
  });
  it("shows the content of the proof, in the reader's units, marked as not issued", async () => {
    const view = prove(duty("XV-3052"));
    const { key, verdict } = view.selected!.candidate;
    const printed = (await ask.sheet(draft(key), { system: "US" }))!;
    expect(printed).toMatchObject({ of: "XV-3052", issued: "revision B, not issued" });
    const said = printed.blocks.find((b) => b.kind === "verdict");
    expect(said).toMatchObject({ verdict, notes: "Insulate.", warning: null });
    expect(JSON.stringify(printed.blocks.find((b) => b.kind === "table"))).toContain("psi g");
    expect(printed.fingerprint.digest).toMatch(/[0-9a-f]{64}$/);
  });
  it("shows the reason of an override where there is something to override", async () => {
    const view = prove(duty("XV-3052"));
    const worst = view.rows.at(-1)!;
    const warning = async (key: string) =>
      (await ask.sheet(draft(key, "as the owner asked"), { system: "metric" }))!.blocks.find(
        (b) => b.kind === "verdict",
      );
    expect(worst.verdict).toBe("fails");
    expect(await warning(worst.key)).toMatchObject({ warning: expect.stringMatching(/as the owner asked$/) });
    expect(await warning(view.rows[0]!.key)).toMatchObject({ warning: null });
  });
  it("does not exist without a candidate", async () => {
    prove(duty("XV-3052"));
    expect(await ask.sheet(draft("gone + away"), { system: "metric" })).toBeNull();
  });
});

describe("the worker's answers to the line-up", () => {
  it("summarise demo tags like the bench", () => {
    for (const { number } of tags.filter((_, index) => index % tries(4, 1) === 0)) {
      const summary = api.summarise(duty(number), null);
      const view = prove(duty(number));
      expect(summary).toMatchObject({
        standing: view.standing,
        considered: view.considered,
        duty: view.dutyVerdict,
        verdict: view.selected!.candidate.verdict,
      });
    }
  });
  it("are about the chosen valve where there is one", () => {
    const view = prove(duty("XV-3017"));
    const worst = view.rows.at(-1)!;
    expect(api.summarise(duty("XV-3017"), { valve: worst.valve.key, drive: worst.drive!.key }).verdict).toBe(
      "fails",
    );
  });
  it("name mandatory values", () => {
    expect(api.summarise(duty("XV-9001"), null).missing).toEqual(
      expect.arrayContaining(["Line class", "Service family"]),
    );
  });
});

describe("other answers of the worker", () => {
  const proved = (number: string) => {
    const view = prove(duty(number));
    return { view, key: view.selected!.candidate.key };
  };
  it("do not exist before the first proof, nor about an old one", () => {
    const first = prove(duty("XV-3017")).proof.id;
    const second = prove(duty("XV-3052")).proof.id;
    const answersOf = (api: ProverApi, id: number) => [
      () => api.outline(id),
      () => api.rows(id, "price", null, 0, 9),
      () => api.constructions(id),
      () => api.byConstruction(id, "tilt-away"),
      () => api.seats(id, "x"),
      () => api.movable(id, "x"),
      () => api.details(id, ["x"]),
      () => api.breaking(id, "x", "dn"),
      () => api.effect(id, "operator"),
    ];
    for (const question of [...answersOf(proverApi(), 1), ...answersOf(api, first)])
      expect(question).toThrow(PastProof);
    for (const question of answersOf(api, second)) expect(question).not.toThrow();
  });
  it("list constructions whose counts add up to the candidates", () => {
    const { view } = proved("XV-3040");
    const rows = ask.constructions();
    expect(rows.reduce((n, r) => n + r.considered, 0)).toBe(view.considered);
    expect(rows.reduce((n, r) => n + r.standing, 0)).toBe(view.standing);
    for (const r of rows) expect(r.standing === 0 && r.considered > 0, r.id).toBe(r.fallsOn !== null);
  });
  it("keep a selection by construction while the duty is edited", () => {
    proved("XV-3040");
    const unoffered = ask.byConstruction("trunnion-welded")!;
    expect(unoffered.stands).toBe(true);
    expect(unoffered.words).toContain("class 1500");
    const edited = { ...duty("XV-3040"), longestShutDays: 10 };
    const view = prove(edited, unoffered.key);
    expect(view.selected).toMatchObject({ byConstruction: true, candidate: { key: unoffered.key } });
    const smaller = prove({ ...edited, dn: 80 }, unoffered.key);
    expect(smaller.selected!.byConstruction).toBe(false);
  });
  it("find breaking points of movable values, and draw the map from them", async () => {
    const { key } = proved("XV-5001");
    const values = await ask.movable(key);
    const pressure = values.find((v) => v.path.endsWith("upstreamBarG"))!;
    const temperature = values.find((v) => v.path.endsWith("temperatureC"))!;
    const point = (await ask.breaking(key, pressure.path))!;
    expect(point.failsUp!.to).toBeGreaterThan(pressure.value);
    const row = await ask.mapRow(
      key,
      { path: pressure.path, at: [pressure.value, point.failsUp!.to + 1] },
      { path: temperature.path, at: temperature.value },
    );
    expect(row.map((c) => c!.verdict === "fails")).toEqual([false, true]);
    expect(await ask.breaking(key, "no such value")).toBeNull();
  });
  it("count the valves that change when an assumption is wrong", async () => {
    const { view } = proved("XV-3017");
    const assumed = view.missing.filter((m) => m.assumption !== null);
    expect(assumed.length).toBeGreaterThan(0);
    const effects = await Promise.all(assumed.map((m) => ask.effect(m.field)));
    expect(effects.some((n) => n > 0)).toBe(true);
  });
  it("list the ladder and compare remaining candidates", async () => {
    const { view, key } = proved("XV-3061");
    const steps = await ask.seats(key);
    expect(steps.filter((s) => s.current)).toHaveLength(1);
    expect(ask.details([key, "gone", view.rows[1]!.key])).toHaveLength(2);
  });
  it("select every step of the ladder with the selected actuator, through the next edit too", async () => {
    const { key } = proved("XV-3061");
    for (const step of await ask.seats(key)) {
      const view = prove({ ...duty("XV-3061"), longestShutDays: 9 }, step.key);
      expect(view.selected!.candidate.key).toBe(step.key);
    }
  });
  it("show a tag under other house rules without changing its own", () => {
    const tag = duty("XV-5001");
    const before = api.summarise(tag, null);
    const strict = api.summarise(tag, null, { ...defaultHouseRules(), serviceFactor: 2, torqueMargin: 100 });
    expect(strict.standing).toBeLessThan(before.standing);
    expect(api.summarise(tag, null)).toEqual(before);
  });
});

import { join } from "node:path";
import { dutySchema } from "@proven-seat/core/duty";
import { defaultHouseRules } from "@proven-seat/core/house";
import { beforeEach, describe, expect, it } from "vitest";
import { demoFolder, readCatalogueFolder, readDemoScenario } from "../../../server/src/demo/read-demo.ts";
import { type ProverApi, proverApi } from "./prover-api.ts";

const { catalogue } = readCatalogueFolder(join(demoFolder, "catalogue"));
const tags = (readDemoScenario() as { tags: { number: string; duty: unknown }[] }).tags;
const duty = (number: string) => dutySchema.parse(tags.find((t) => t.number === number)!.duty);

let api: ProverApi;
beforeEach(() => {
  api = proverApi();
  api.setShelf(catalogue!, defaultHouseRules());
});

describe("what the worker hands to the bench", () => {
  it("wants the shelf first", () => {
    expect(() => proverApi().prove(duty("XV-3017"), "price", null, null)).toThrow(/has not been handed over/);
  });
  it("shows the best of each line, class and seat, and counts the rest behind it", () => {
    const view = api.prove(duty("XV-3017"), "price", null, null);
    expect(new Set(view.rows.map((r) => r.group)).size).toBe(view.rows.length);
    expect(view.rows.reduce((n, r) => n + r.more + 1, 0)).toBe(view.considered);
    expect(view.inHand?.candidate.key).toBe(view.rows[0]!.key);
    expect(view.nearestMisses).toEqual([]);
  });
  it("hands out the variants behind a row, the row itself first", () => {
    const view = api.prove(duty("XV-3017"), "price", null, null);
    const variants = api.variants(view.rows[0]!.group);
    expect(variants).toHaveLength(view.rows[0]!.more + 1);
    expect(variants[0]!.key).toBe(view.rows[0]!.key);
    expect(new Set(variants.map((v) => v.valve.seat)).size).toBe(1);
    expect(api.variants("nothing")).toEqual([]);
  });
  it("keeps in hand what was taken, also when the duty changes under it", () => {
    const first = api.prove(duty("XV-3017"), "price", null, null);
    const taken = first.rows[3]!.key;
    const changed = { ...duty("XV-3017"), longestShutDays: 10 };
    expect(api.prove(changed, "price", null, taken).inHand?.candidate.key).toBe(taken);
    const gone = api.prove(duty("XV-1021"), "price", null, taken);
    expect(gone.askedFor).toBe(taken);
    expect(gone.inHand?.candidate.key).toBe(gone.rows[0]!.key);
  });
  it("lists every drive for the valve in hand, standing ones first, and proves the one taken", () => {
    const view = api.prove(duty("XV-3052"), "price", null, null);
    const drives = api.drives(view.inHand!.candidate.key);
    expect(drives).toHaveLength(108);
    const falls = drives.map((d) => d.verdict === "fails");
    expect(falls).toEqual([...falls].sort());
    const other = drives.at(-1)!.key;
    const choice = { valve: drives.at(-1)!.valve.key, drive: drives.at(-1)!.drive!.key };
    const chosen = api.prove(duty("XV-3052"), "price", choice, other);
    expect(chosen.chosen?.key).toBe(other);
    expect(chosen.inHand?.candidate.key).toBe(other);
  });
  it("says when a choice is no candidate any more", () => {
    const choice = { valve: "no such valve", drive: null };
    expect(api.prove(duty("XV-3052"), "price", choice, null)).toMatchObject({
      choiceGone: true,
      chosen: null,
    });
  });
  it("gives nearest misses only where nothing stands", () => {
    const view = api.prove(duty("XV-4020"), "price", null, null);
    expect(view.standing).toBe(0);
    expect(view.nearestMisses.length).toBeGreaterThan(0);
    expect(view.nearestMisses[0]!.misses.every((m) => m.verdict === "fails")).toBe(true);
  });
  it("has nothing in hand without a size", () => {
    expect(api.prove({ ...duty("XV-3017"), dn: null }, "price", null, null)).toMatchObject({
      inHand: null,
      rows: [],
      considered: 0,
    });
  });
});

describe("what the worker hands to the line-up", () => {
  it("summarises every demo tag as the bench would show it", () => {
    for (const { number } of tags) {
      const summary = api.summarise(duty(number), null);
      const view = api.prove(duty(number), "price", null, null);
      expect(summary).toMatchObject({
        standing: view.standing,
        considered: view.considered,
        duty: view.dutyVerdict,
        verdict: view.inHand!.candidate.verdict,
      });
    }
  });
  it("speaks of the chosen valve where there is one", () => {
    const view = api.prove(duty("XV-3017"), "price", null, null);
    const worst = view.rows.at(-1)!;
    expect(api.summarise(duty("XV-3017"), { valve: worst.valve.key, drive: worst.drive!.key }).verdict).toBe(
      "fails",
    );
  });
  it("names what must be known", () => {
    expect(api.summarise(duty("XV-9001"), null).missing).toEqual(
      expect.arrayContaining(["Line class", "Service family"]),
    );
  });
});

describe("what else the bench asks of the worker", () => {
  const proved = (number: string) => {
    const view = api.prove(duty(number), "price", null, null);
    return { view, key: view.inHand!.candidate.key };
  };
  it("hands out nothing before the first proof", () => {
    expect([
      api.constructions(),
      api.byConstruction("tilt-away"),
      api.seats("x"),
      api.movable("x"),
      api.details(["x"]),
    ]).toEqual([[], null, [], [], []]);
    expect(api.breaking("x", "dn")).toBeNull();
    expect(api.effect("operator")).toBe(0);
  });
  it("lists constructions whose counts add up to the candidates", () => {
    const { view } = proved("XV-3040");
    const rows = api.constructions();
    expect(rows.reduce((n, r) => n + r.considered, 0)).toBe(view.considered);
    expect(rows.reduce((n, r) => n + r.standing, 0)).toBe(view.standing);
    for (const r of rows) expect(r.standing === 0 && r.considered > 0, r.id).toBe(r.fallsOn !== null);
  });
  it("keeps in hand what was built by construction while the duty is edited", () => {
    proved("XV-3040");
    const unoffered = api.byConstruction("trunnion-welded")!;
    expect(unoffered.stands).toBe(true);
    expect(unoffered.words).toContain("class 1500");
    const edited = { ...duty("XV-3040"), longestShutDays: 10 };
    const view = api.prove(edited, "price", null, unoffered.key);
    expect(view.inHand).toMatchObject({ byConstruction: true, candidate: { key: unoffered.key } });
    const smaller = api.prove({ ...edited, dn: 80 }, "price", null, unoffered.key);
    expect(smaller.inHand!.byConstruction).toBe(false);
  });
  it("finds breaking points of what may move, and draws the map from them", () => {
    const { key } = proved("XV-5001");
    const values = api.movable(key);
    const pressure = values.find((v) => v.path.endsWith("upstreamBarG"))!;
    const temperature = values.find((v) => v.path.endsWith("temperatureC"))!;
    const point = api.breaking(key, pressure.path)!;
    expect(point.failsUp!.to).toBeGreaterThan(pressure.value);
    const row = api.mapRow(
      key,
      { path: pressure.path, at: [pressure.value, point.failsUp!.to + 1] },
      { path: temperature.path, at: temperature.value },
    );
    expect(row.map((c) => c!.verdict === "fails")).toEqual([false, true]);
    expect(api.breaking(key, "no such value")).toBeNull();
  });
  it("counts the valves that turn when an assumption is wrong", () => {
    const { view } = proved("XV-3017");
    const assumed = view.missing.filter((m) => m.assumption !== null);
    expect(assumed.length).toBeGreaterThan(0);
    const effects = assumed.map((m) => api.effect(m.field));
    expect(effects.some((n) => n > 0)).toBe(true);
  });
  it("climbs the ladder and compares what is still a candidate", () => {
    const { view, key } = proved("XV-3061");
    const steps = api.seats(key);
    expect(steps.filter((s) => s.current)).toHaveLength(1);
    expect(api.details([key, "gone", view.rows[1]!.key])).toHaveLength(2);
  });
  it("takes every step of the ladder in hand, with the drive in hand, through the next edit too", () => {
    const { key } = proved("XV-3061");
    for (const step of api.seats(key)) {
      const view = api.prove({ ...duty("XV-3061"), longestShutDays: 9 }, "price", null, step.key);
      expect(view.inHand!.candidate.key).toBe(step.key);
    }
  });
  it("says what a tag would be under other house rules without changing its own", () => {
    const tag = duty("XV-5001");
    const before = api.summarise(tag, null);
    const strict = api.summarise(tag, null, { ...defaultHouseRules(), serviceFactor: 2, torqueMargin: 100 });
    expect(strict.standing).toBeLessThan(before.standing);
    expect(api.summarise(tag, null)).toEqual(before);
  });
});

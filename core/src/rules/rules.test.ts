import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { compileShelf, readCatalogue } from "../catalogue/index.ts";
import { dutySchema } from "../duty/index.ts";
import { defaultHouseRules } from "../house/index.ts";
import { prove } from "../proof/index.ts";
import { type Finding, gravest, ruleStations, rules, verdictsByGravity } from "./index.ts";

const demo = new URL("../../../demo/", import.meta.url);
const json = (path: string) => JSON.parse(readFileSync(new URL(path, demo), "utf8"));
const files = (folder: string) =>
  readdirSync(new URL(`catalogue/${folder}/`, demo)).map((name) => ({
    name,
    content: json(`catalogue/${folder}/${name}`),
  }));
const { catalogue } = readCatalogue(
  { name: "catalogue.json", content: json("catalogue/catalogue.json") },
  files("lines"),
  files("drives"),
);
const shelf = compileShelf(catalogue!);
const tags = (json("tarn-ness.json").tags as { number: string; duty: unknown }[]).map((t) => ({
  number: t.number,
  duty: dutySchema.parse(t.duty),
}));
const proofs = tags.map(({ number, duty }) => ({ number, proof: prove(duty, shelf, defaultHouseRules()) }));
const all: Finding[] = proofs.flatMap(({ proof }) => proof.candidates.flatMap((c) => c.findings));

describe("rules", () => {
  it("have ids of their own, a short question, a source, inputs and a station", () => {
    expect(new Set(rules.map((r) => r.id)).size).toBe(rules.length);
    for (const rule of rules) {
      expect(ruleStations).toContain(rule.id.split("/")[0]);
      expect(rule.asks.length).toBeLessThan(34);
      expect(rule.source.length).toBeGreaterThan(10);
      expect(rule.inputs.length).toBeGreaterThan(0);
    }
  });
  it("are one file each, and every file of a station's folder is listed", () => {
    for (const station of ruleStations) {
      const source = (name: string) => readFileSync(new URL(`./${station}/${name}`, import.meta.url), "utf8");
      const files = readdirSync(new URL(`./${station}/`, import.meta.url)).filter(
        (f) => f.endsWith(".ts") && !f.endsWith(".test.ts") && f !== "index.ts",
      );
      const ids = files.flatMap((name) =>
        [...source(name).matchAll(/id: "([^"]+\/[^"]+)"/g)].map((m) => m[1]),
      );
      expect(ids.sort()).toEqual(
        rules
          .filter((r) => r.id.startsWith(`${station}/`))
          .map((r) => r.id)
          .sort(),
      );
    }
  });
  it("are each decided on some demo tag, not only asked", () => {
    for (const rule of rules) {
      const verdicts = new Set(all.filter((f) => f.rule === rule.id).map((f) => f.verdict));
      expect(
        ["holds", "tight", "fails"].some((v) => verdicts.has(v as "holds")),
        rule.id,
      ).toBe(true);
    }
  });
});

describe("findings on the demo", () => {
  const distinct = [...new Map(all.map((f) => [JSON.stringify([f.rule, f.verdict, f.says]), f])).values()];
  it("carry no figure in their words, so that every reader gets figures in his units", () => {
    for (const f of distinct)
      if (f.verdict !== "cannot tell" && !f.rule.endsWith("-chemistry"))
        expect(f.says, f.rule).not.toMatch(/\d/);
  });
  it("name what is missing when they cannot tell, and inputs with origin when they can", () => {
    for (const f of distinct) {
      if (f.verdict === "cannot tell") expect(f.missing, f.rule).toBeTruthy();
      else if (f.verdict !== "not asked") expect(f.uses.length, f.rule).toBeGreaterThan(0);
      if (f.verdict === "fails") expect(f.remedy, f.rule).toBeTruthy();
    }
  });
  it("have a margin that agrees with value, limit and verdict", () => {
    for (const f of all.slice(0, 60_000)) {
      if (typeof f.value !== "number" || typeof f.limit !== "number" || f.marginUnit !== "%") continue;
      if (f.margin !== null) expect(f.margin).toBeCloseTo(f.limit / f.value - 1, 9);
      expect(f.verdict === "fails").toBe(f.value > f.limit);
    }
  });
  it("let the gravest case govern", () => {
    for (const f of distinct)
      if (f.byCase.length > 0) expect(f.verdict).toBe(gravest(f.byCase.map((c) => c.verdict)));
  });
});

describe("the demo scenario", () => {
  const verdictOf = (number: string) => proofs.find((p) => p.number === number)!.proof;
  it("has tags that are fine, tight, incomplete, and one nothing can do", () => {
    const best = proofs.map(({ proof }) =>
      proof.dutyVerdict === "cannot tell" ? "cannot tell" : proof.candidates[0]!.verdict,
    );
    for (const verdict of verdictsByGravity.filter((v) => v !== "not asked")) expect(best).toContain(verdict);
    expect(best.filter((v) => v === "holds").length).toBeGreaterThan(8);
    expect(tags.length).toBeGreaterThanOrEqual(16);
  });
  it("tells the stories it is meant to tell", () => {
    expect(verdictOf("XV-4020").standing).toBe(0);
    expect(verdictOf("XV-9001").missing.filter((m) => m.assumption === null).length).toBeGreaterThan(3);
    expect(verdictOf("XV-3052").candidates[0]).toMatchObject({
      verdict: "tight",
      stations: { drive: "tight" },
    });
    expect(verdictOf("XV-5001").candidates[0]!.heldBackBy?.rule).toBe("envelope/seat-limit");
    // Hot oil: only a metal seat with graphite rings survives.
    const survivors = verdictOf("XV-4002").candidates.filter((c) => c.verdict !== "fails");
    expect(new Set(survivors.map((c) => c.valve.seat.material.id))).toEqual(new Set(["metal-wc"]));
    // Ammonia: no FKM anywhere among what stands.
    const ammonia = verdictOf("XV-2003").candidates.filter((c) => c.verdict !== "fails");
    expect(ammonia.some((c) => c.valve.seals.parts.some((p) => p.material.id === "fkm"))).toBe(false);
  });
});

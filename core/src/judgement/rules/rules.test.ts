import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { demoShelf, demoTags, differentFindings } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { type Proof, prove } from "../proof/prove.ts";
import { gravest, ruleStations, trueSign, verdictsByGravity } from "./finding.ts";
import type { Finding } from "./found.ts";
import { figuresOf } from "./found.ts";
import { rules } from "./rules.ts";

/** What is kept of a tag's proof; whole proofs of four dozen tags would fill the memory. */
type Kept = Pick<Proof, "standing" | "missing" | "dutyVerdict"> & {
  best: Proof["candidates"][number];
  survivors: Proof["candidates"];
};
const proofs = new Map<string, Kept>();
const all: Finding[] = [];
for (const { number, duty } of demoTags) {
  const proof = prove(duty, demoShelf, defaultHouseRules());
  all.push(...differentFindings(proof));
  proofs.set(number, {
    standing: proof.standing,
    missing: proof.missing,
    dutyVerdict: proof.dutyVerdict,
    best: proof.candidates[0]!,
    survivors: proof.candidates.filter((c) => c.verdict !== "fails").slice(0, 2000),
  });
}

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
        (f) => f.endsWith(".ts") && !f.endsWith(".test.ts"),
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
    const decided = new Set(
      all.filter((f) => f.verdict !== "not asked" && f.verdict !== "cannot tell").map((f) => f.rule),
    );
    // Nothing of the plant sets a hazard aside, carries chlorine or hot sulphur, asks for a school of stem seals or has a
    // keyed stem in a drive's bore:
    // border tests decide those.
    expect(rules.map((r) => r.id).filter((id) => !decided.has(id))).toEqual([
      "duty/hazards-set-aside",
      "body/stem-seal-school",
      "envelope/sulphidation",
      "envelope/chlorine-heat",
      "fit-up/key",
    ]);
  });
});

describe("findings on the demo", () => {
  const distinct = [...new Map(all.map((f) => [JSON.stringify([f.rule, f.verdict, f.says]), f])).values()];
  it("carry no figure in their words, so that every reader gets figures in his units", () => {
    for (const f of distinct)
      if (f.verdict !== "cannot tell" && !f.rule.endsWith("-chemistry"))
        expect(f.says, f.rule).not.toMatch(/\d\s?(bar|°|K\b|mm|N·m|%|kPa|MPa|days|psi|mg)/);
  });
  it("name what is missing when they cannot tell, and inputs with origin when they can", () => {
    for (const f of distinct) {
      if (f.verdict === "cannot tell") expect(f.missing, f.rule).toBeTruthy();
      else if (f.verdict !== "not asked") expect(f.uses.length, f.rule).toBeGreaterThan(0);
      if (f.verdict === "fails") expect(f.remedy, f.rule).toBeTruthy();
    }
  });
  it("have a margin that agrees with value, limit and verdict", () => {
    // One assertion for the walk: there are hundreds of thousands of findings.
    const wrong = all.flatMap((f) => {
      const { rule, value, limit, margin, verdict } = f;
      if (typeof value !== "number" || typeof limit !== "number" || figuresOf(f).marginUnit !== "%")
        return [];
      const left = limit / value - 1;
      const marginAgrees = margin === null || Math.abs(margin - left) < 5e-10;
      return marginAgrees && (verdict === "fails") === value > limit
        ? []
        : [{ rule, verdict, value, limit, margin }];
    });
    expect(wrong).toEqual([]);
  });
  it("say what decides wherever the sign between value and limit does not agree with the mark", () => {
    const odd = new Set<string>();
    for (const f of all) {
      const { value, limit, sense, decides } = figuresOf(f);
      if (typeof value !== "number" || typeof limit !== "number" || sense === "is" || decides !== null)
        continue;
      const kept = trueSign(sense, value, limit) === sense;
      if (f.verdict === "holds" && !kept) odd.add(`${f.rule}: ${f.says}`);
      if (f.verdict === "fails" && kept) odd.add(`${f.rule}: ${f.says}`);
    }
    expect([...odd]).toEqual([]);
  });
  it("let the gravest case govern", () => {
    for (const f of distinct)
      if (f.byCase.length > 0) expect(f.verdict).toBe(gravest(f.byCase.map((c) => c.verdict)));
  });
});

describe("the demo scenario", () => {
  const of = (number: string) => proofs.get(number)!;
  const seatsOf = (number: string) => new Set(of(number).survivors.map((c) => c.valve.seat.material.id));
  it("has tags that are fine, tight, incomplete, and some nothing can do", () => {
    const best = [...proofs.values()].map((p) =>
      p.dutyVerdict === "cannot tell" ? "cannot tell" : p.best.verdict,
    );
    for (const verdict of verdictsByGravity.filter((v) => v !== "not asked")) expect(best).toContain(verdict);
    expect(best.filter((v) => v === "holds").length).toBeGreaterThan(8);
    expect(demoTags.length).toBe(64);
  });
  it("tells the stories it is meant to tell", () => {
    expect(of("XV-4020").standing).toBe(0);
    expect(of("XV-9001").missing.filter((m) => m.assumption === null).length).toBeGreaterThan(3);
    // Ammonia: no FKM anywhere among what stands.
    expect(
      of("XV-2003").survivors.some((c) => c.valve.seals.parts.some((p) => p.material.id === "fkm")),
    ).toBe(false);
    // Hot oil: only metal seats survive.
    expect(seatsOf("XV-4002")).toEqual(new Set(["metal-wc", "metal-stellite"]));
    // What the duty alone decides counts for no candidate, and is said on the duty.
    expect(of("XV-3052").best.verdict).toBe("holds");
    expect(of("XV-3052").dutyVerdict).toBe("tight");
    expect(of("XV-5001").best.heldBackBy?.rule).toBe("envelope/body-chemistry");
  });
});

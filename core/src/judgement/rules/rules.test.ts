import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { demoProof, demoTags, differentFindings } from "../../../test/demo.ts";
import { gravest, ruleStations, trueSign, verdictsByGravity } from "./finding.ts";
import { figuresOf } from "./found.ts";
import { rules } from "./rules.ts";

const findings = demoTags.flatMap(({ number }) => [...differentFindings(demoProof(number))]);

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
      findings.filter((f) => f.verdict !== "not asked" && f.verdict !== "cannot tell").map((f) => f.rule),
    );
    // Nothing of the plant sets a hazard aside, carries chlorine, hot sulphur, bleach or alkaline sour water, asks for a school of stem seals or has a
    // keyed stem in a drive's bore:
    // border tests decide those.
    expect(rules.map((r) => r.id).filter((id) => !decided.has(id))).toEqual([
      "duty/hazards-set-aside",
      "body/decomposing-cavity",
      "body/stem-seal-school",
      "envelope/sulphidation",
      "envelope/chlorine-heat",
      "envelope/carbonate-cracking",
      "fit-up/key",
    ]);
  });
});

describe("findings on the demo", () => {
  const distinct = [
    ...new Map(findings.map((f) => [JSON.stringify([f.rule, f.verdict, f.says]), f])).values(),
  ];
  it("contain no figures in their words, so that every reader gets chosen units", () => {
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
  it("have a margin and a mark that agree with value and limit, or say what decides", () => {
    // One walk and one assertion: there are hundreds of thousands of findings.
    const wrong = new Set<string>();
    for (const f of findings) {
      const { value, limit, margin, verdict } = f;
      if (typeof value !== "number" || typeof limit !== "number") continue;
      const { sense, decides, marginUnit } = figuresOf(f);
      const message = `${f.rule} ${verdict}: ${value} against ${limit}, margin ${margin}: ${f.says}`;
      const agrees = margin === null || Math.abs(margin - (limit / value - 1)) < 5e-10;
      if (marginUnit === "%" && (!agrees || (verdict === "fails") !== value > limit)) wrong.add(message);
      if (sense === "is" || decides !== null) continue;
      const kept = trueSign(sense, value, limit) === sense;
      if ((verdict === "holds" && !kept) || (verdict === "fails" && kept)) wrong.add(message);
    }
    expect([...wrong]).toEqual([]);
  });
  it("let the gravest case govern", () => {
    for (const f of distinct)
      if (f.byCase.length > 0) expect(f.verdict).toBe(gravest(f.byCase.map((c) => c.verdict)));
  });
});

describe("the demo scenario", () => {
  const best = (number: string) => demoProof(number).candidates[0]!;
  const survivors = (number: string) => demoProof(number).candidates.filter((c) => c.verdict !== "fails");
  const seatsOf = (number: string) => new Set(survivors(number).map((c) => c.valve.seat.material.id));
  it("has tags that are fine, tight, incomplete, and without a suitable valve", () => {
    const verdicts = demoTags.map(({ number }) =>
      demoProof(number).dutyVerdict === "cannot tell" ? "cannot tell" : best(number).verdict,
    );
    for (const verdict of verdictsByGravity.filter((v) => v !== "not asked"))
      expect(verdicts).toContain(verdict);
    expect(verdicts.filter((v) => v === "holds").length).toBeGreaterThan(8);
    expect(demoTags.length).toBe(64);
  });
  it("tells its intended stories", () => {
    expect(demoProof("XV-4020").standing).toBe(0);
    expect(demoProof("XV-9001").missing.filter((m) => m.assumption === null).length).toBeGreaterThan(3);
    // Ammonia: no suitable candidate has FKM.
    expect(survivors("XV-2003").some((c) => c.valve.seals.parts.some((p) => p.material.id === "fkm"))).toBe(
      false,
    );
    // Hot oil: only metal seats survive.
    expect(seatsOf("XV-4002")).toEqual(new Set(["metal-wc", "metal-stellite"]));
    // Findings that the duty alone decides count for no candidate, and are listed on the duty.
    expect(best("XV-3052").verdict).toBe("holds");
    expect(demoProof("XV-3052").dutyVerdict).toBe("tight");
    expect(best("XV-5001").heldBackBy?.rule).toBe("envelope/body-chemistry");
  });
});

import { describe, expect, it } from "vitest";
import { demoDuty, demoProof, demoShelf, demoTags } from "../../../../test/demo.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import { numbering } from "../../../equipment/catalogue/identity.ts";
import { parts } from "../../../equipment/catalogue/parts/parts.ts";
import { valvesOfSize } from "../../../equipment/catalogue/valve.ts";
import { examined } from "../../rules/rule.ts";
import { rules } from "../../rules/rules.ts";
import { constructionsIn } from "../constructions.ts";
import { describeCandidate, describeProof } from "../describe.ts";
import { prove } from "../prove.ts";
import { prover } from "../prover.ts";
import { type RuleNode, ruleTree } from "./tree.ts";

const house = defaultHouseRules();

describe("rules grouped by their dependencies", () => {
  const shelf = demoShelf;
  const flat = (node: RuleNode): RuleNode[] => [node, ...node.below.flatMap(flat)];
  it("are in the tree once each", () => {
    const places = ruleTree(rules)
      .flatMap(flat)
      .flatMap((node) => node.places);
    expect([...places].sort((a, b) => a - b)).toEqual(rules.map((_, index) => index));
  });
  it("are at the parts they name", () => {
    for (const node of ruleTree(rules).flatMap(flat))
      for (const place of node.places)
        expect([...node.valveParts, ...node.trainParts].map((i) => parts[i]!.path).sort()).toEqual(
          [...rules[place]!.dependsOn].sort(),
        );
  });
  it.each(["XV-3052", "XV-1034", "XV-8034", "XV-9001"])("of %s give every rule's finding once", (number) => {
    const duty = demoDuty(number);
    const valve = shelf.valvesFor(duty.dn!)[40]!;
    const proving = prover(duty, shelf, house);
    const candidate = proving.judge(valve, null);
    const bare = { drive: null, supplied: null, fittings: null };
    const judged = { valve, ...bare, demand: candidate.demand, duty: proving.duty, house };
    expect(candidate.findings.map((f) => f.toJSON())).toEqual(
      rules.map((rule) => examined(rule, judged).toJSON()),
    );
  });
  it.each(["FV-5010", "XV-5014"])("of %s do not depend on the candidates judged before", (number) => {
    const duty = demoDuty(number);
    const proving = prover(duty, shelf, house);
    // One of each material of a line, so that only the trim tells neighbours apart.
    const byTrim = new Map(shelf.valvesFor(duty.dn!).map((v) => [`${v.line.id} ${v.trim.id}`, v]));
    const valves = [...byTrim.values()];
    for (const valve of valves) proving.judge(valve, null);
    for (const valve of valves) {
      const candidate = proving.judge(valve, null);
      const bare = { drive: null, supplied: null, fittings: null };
      const judged = { valve, ...bare, demand: candidate.demand, duty: proving.duty, house };
      const different = candidate.findings
        .filter((f, i) => JSON.stringify(f) !== JSON.stringify(examined(rules[i]!, judged)))
        .map((f) => f.rule);
      expect(different, valve.key).toEqual([]);
    }
  });
  it("examine equal parts once", () => {
    const proving = prover(demoDuty("XV-3052"), shelf, house);
    const [a, b] = shelf.valvesFor(200).filter((v) => v.line.id === "fennimoor-trunnion");
    expect([a!.grade, a!.cavity]).toEqual([b!.grade, b!.cavity]);
    const findingsFor = (valve: typeof a) =>
      proving.judge(valve!, null).findings.filter((f) => f.station === "body" && f.verdict !== "not asked");
    const [first, second] = [findingsFor(a), findingsFor(b)];
    expect(first.length).toBeGreaterThan(5);
    expect(first.every((f, i) => f.outcome === second[i]!.outcome)).toBe(true);
  });
  it("are right for valves numbered by another numbering, and for those numbered later", () => {
    const duty = demoDuty("XV-3052");
    const proving = prover(duty, shelf, house);
    const valves = shelf.valvesFor(duty.dn!);
    proving.judge(valves[0]!, null);
    const number = numbering();
    for (const line of shelf.catalogue.lines.slice(0, 6))
      for (const size of line.sizes.slice(0, 2))
        for (const valve of valvesOfSize(line, size, number).slice(0, 40)) {
          const alone = prover(duty, shelf, house).judge(valve, null);
          expect(proving.judge(valve, null).findings.map((f) => f.toJSON())).toEqual(
            alone.findings.map((f) => f.toJSON()),
          );
        }
  });
});

describe("a proof described", () => {
  const proof = demoProof("XV-4020");
  it("contains the best candidates with every finding as plain data", () => {
    const described = describeProof(proof, { most: 3 });
    expect(described).toMatchObject({
      considered: proof.candidates.length,
      standing: 0,
      dutyVerdict: "tight",
    });
    expect(described.candidates).toHaveLength(3);
    expect(structuredClone(described)).toEqual(described);
    for (const c of described.candidates)
      expect(c.findings.map((f) => f.rule)).toEqual(rules.map((r) => r.id));
  });
  it("is shorter on request: findings that are not holds, or counts only; suitable ones, or all", () => {
    const describedAs = (detail: "brief" | "grave") =>
      describeProof(proof, { most: 1, detail }).candidates[0]!;
    const full = describeProof(proof, { most: 1 }).candidates[0]!;
    expect(describedAs("brief")).toEqual({ ...full, findings: [] });
    const grave = full.findings.filter((f) => f.verdict !== "holds" && f.verdict !== "not asked");
    expect(describedAs("grave").findings).toEqual(grave);
    expect(describeProof(proof, { standingOnly: true }).candidates).toEqual([]);
    expect(describeProof(proof).standing).toBe(0);
    const stands = demoProof("XV-3052");
    const waiting = prove({ ...demoDuty("XV-3052"), lineDesignation: null }, demoShelf, house);
    expect(waiting.standing).toBeGreaterThan(0);
    expect(describeProof(waiting, { detail: "brief" })).toMatchObject({
      standing: 0,
      cannotTell: waiting.standing,
    });
    const described = describeProof(stands, { standingOnly: true, detail: "brief" });
    expect(described.candidates).toHaveLength(stands.standing);
    expect(described.candidates.every((c) => c.fails === 0 && c.cannotTell === 0)).toBe(true);
  });
  it("names the shortfall of the nearest misses by rule", () => {
    const described = describeProof(proof);
    expect(described.candidates).toHaveLength(proof.candidates.length);
    const byKey = new Map(described.candidates.map((c) => [c.key, c]));
    for (const miss of described.nearestMisses) {
      const candidate = byKey.get(miss.candidate)!;
      expect(miss.misses).toEqual(candidate.findings.filter((f) => f.verdict === "fails").map((f) => f.rule));
    }
  });
  it("has counts that equal those of its findings", () => {
    for (const candidate of proof.candidates.slice(0, 200)) {
      const {
        findings: findingDescriptions,
        fails,
        cannotTell,
        tight,
        verdict,
      } = describeCandidate(candidate);
      // Findings that the duty alone decides count for none of them.
      const findings = findingDescriptions.filter((f) => !f.rule.startsWith("duty/"));
      const count = (v: string) => findings.filter((f) => f.verdict === v).length;
      expect([fails, cannotTell, tight]).toEqual([count("fails"), count("cannot tell"), count("tight")]);
      expect(verdict).toBe("fails");
    }
  });
});

describe("constructions of a proof", () => {
  it("add up to its candidates, and are suitable where one of theirs is", () => {
    for (const { number } of demoTags.slice(0, 12)) {
      const proof = demoProof(number);
      const standings = constructionsIn(proof);
      const sum = (counted: (c: (typeof standings)[number]) => number) =>
        standings.reduce((n, c) => n + counted(c), 0);
      expect(
        sum((c) => c.considered),
        number,
      ).toBe(proof.candidates.length);
      expect(
        sum((c) => c.standing),
        number,
      ).toBe(proof.standing);
      for (const { best, standing, fallsOn, considered } of standings) {
        expect(best === null).toBe(considered === 0);
        if (best) expect(best.verdict === "fails").toBe(standing === 0);
        expect(fallsOn !== null).toBe(considered > 0 && standing === 0);
      }
    }
  });
});

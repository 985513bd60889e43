import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf, demoTags } from "../../test/demo.ts";
import { settle } from "../duty/index.ts";
import { defaultHouseRules } from "../house/index.ts";
import { candidateParts, dependences, rules } from "../rules/index.ts";
import { examined, plainFinding } from "../rules/rule.ts";
import { torqueDemand } from "../torque/demand.ts";
import { findingsOf } from "./block.ts";
import { constructionsIn } from "./constructions.ts";
import { describeCandidate, describeProof } from "./describe.ts";
import { prove } from "./prove.ts";
import { raisedRules } from "./rule-groups.ts";

const house = defaultHouseRules();

describe("rules gathered by the part they hang on", () => {
  it("hang on a part that gathers them, each", () => {
    for (const rule of rules) expect(candidateParts).toContain(dependences[rule.hangsOn].part);
  });
  it.each(["XV-3052", "XV-1034", "XV-8034", "XV-9001"])("of %s give every rule's finding once", (number) => {
    const duty = settle(demoDuty(number), house);
    const raised = raisedRules(duty, house);
    const valve = demoShelf.valvesFor(duty.stated.dn!)[40]!;
    const demand = torqueDemand(valve, duty, house);
    const judged = { valve, drive: null, supplied: null, pair: 0, demand, duty, house };
    const found = findingsOf([
      raised.unraised,
      ...candidateParts.map((part) => raised.examine(part, judged)),
    ]);
    expect(found.map(plainFinding)).toEqual(rules.map((rule) => plainFinding(examined(rule, judged))));
  });
  it("examine what is alike once", () => {
    const duty = settle(demoDuty("XV-3052"), house);
    const raised = raisedRules(duty, house);
    const [a, b] = demoShelf.valvesFor(200).filter((v) => v.line.id === "fennimoor-trunnion");
    const judged = (valve: typeof a) => ({
      valve: valve!,
      drive: null,
      supplied: null,
      pair: 0,
      demand: torqueDemand(valve!, duty, house),
      duty,
      house,
    });
    expect(a!.alike.body).toBe(b!.alike.body);
    const [one, other] = [raised.examine("body", judged(a)), raised.examine("body", judged(b))];
    expect(findingsOf([one]).every((f, i) => f === findingsOf([other])[i])).toBe(true);
  });
});

describe("a proof described", () => {
  const proof = prove(demoDuty("XV-4020"), demoShelf, house);
  it("carries the best candidates with every finding as plain data", () => {
    const told = describeProof(proof, 3);
    expect(told).toMatchObject({ considered: proof.candidates.length, standing: 0, dutyVerdict: "holds" });
    expect(told.candidates).toHaveLength(3);
    expect(structuredClone(told)).toEqual(told);
    for (const c of told.candidates) expect(c.findings.map((f) => f.rule)).toEqual(rules.map((r) => r.id));
  });
  it("names what the nearest misses miss by rule", () => {
    const told = describeProof(proof);
    expect(told.candidates).toHaveLength(proof.candidates.length);
    for (const miss of told.nearestMisses) {
      const candidate = told.candidates.find((c) => c.key === miss.candidate)!;
      expect(miss.misses).toEqual(candidate.findings.filter((f) => f.verdict === "fails").map((f) => f.rule));
    }
  });
  it("counts of a candidate are those of its findings", () => {
    for (const candidate of proof.candidates.slice(0, 200)) {
      const { findings, fails, cannotTell, tight, verdict } = describeCandidate(candidate);
      const count = (v: string) => findings.filter((f) => f.verdict === v).length;
      expect([fails, cannotTell, tight]).toEqual([count("fails"), count("cannot tell"), count("tight")]);
      expect(verdict).toBe("fails");
    }
  });
});

describe("constructions of a proof", () => {
  it("add up to its candidates, and stand where one of theirs does", () => {
    for (const { number, duty } of demoTags.slice(0, 12)) {
      const proof = prove(duty, demoShelf, house);
      const all = constructionsIn(proof);
      const sum = (of: (c: (typeof all)[number]) => number) => all.reduce((n, c) => n + of(c), 0);
      expect(
        sum((c) => c.considered),
        number,
      ).toBe(proof.candidates.length);
      expect(
        sum((c) => c.standing),
        number,
      ).toBe(proof.standing);
      for (const { best, standing, fallsOn, considered } of all) {
        expect(best === null).toBe(considered === 0);
        if (best) expect(best.verdict === "fails").toBe(standing === 0);
        expect(fallsOn !== null).toBe(considered > 0 && standing === 0);
      }
    }
  });
});

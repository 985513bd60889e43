import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tries } from "../../../test/effort.ts";
import { catalogueDocument, dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { emptyDuty } from "../../duty/statement/duty.ts";
import { proveRequest } from "../request/request.ts";
import { gravityOf } from "../rules/finding.ts";
import { rules } from "../rules/rules.ts";
import { digestOf } from "./digest.ts";
import { type Proof, prove } from "./prove.ts";
import { prover } from "./prover.ts";
import { rank, weighedPrice } from "./rank.ts";
import { reprove } from "./reprove.ts";
import { drawUpSheet } from "./sheet.ts";

const house = defaultHouseRules();
const shelf = shelfWith();

describe("prove", () => {
  it("proves every valve of the shelf by every rule", () => {
    const proof = prove(dutyWith(), shelf, house);
    expect(proof.candidates).toHaveLength(4);
    for (const c of proof.candidates) expect(c.findings.map((f) => f.rule)).toEqual(rules.map((r) => r.id));
  });
  it("ranks by fails, cannot tell, then price weighted by tight", () => {
    const proof = prove(dutyWith({ cases: [{ upstreamBarG: 46, temperatureC: 93 }] }), shelf, house);
    const keys = proof.candidates
      .filter((c) => c.fails === 0)
      .map((c) => [c.fails, c.cannotTell, weighedPrice(c, house)]);
    const sorted = [...keys].sort((a, b) => a[0]! - b[0]! || a[1]! - b[1]! || a[2]! - b[2]!);
    expect(keys).toEqual(sorted);
  });
  it("uses another order only among equal verdicts", () => {
    const { candidates } = prove(dutyWith(), shelf, house, "torque");
    const holding = candidates.filter((c) => c.verdict === "holds").map((c) => c.breakNm!);
    expect(holding).toEqual([...holding].sort((a, b) => a - b));
    expect(rank(candidates, house, "margin")).toHaveLength(candidates.length);
  });
  it("has no candidates without a size and lists what is missing first", () => {
    const proof = prove(emptyDuty, shelf, house);
    expect(proof.candidates).toEqual([]);
    expect(proof.missing[0]!.field).toBe("dn");
    expect(proof.dutyVerdict).toBe("cannot tell");
  });
  it("gives the nearest misses when none is suitable, each kind of miss once", () => {
    const proof = prove(dutyWith({ cases: [{ upstreamBarG: 60, temperatureC: 300 }] }), shelf, house);
    expect(proof.standing).toBe(0);
    expect(proof.nearestMisses.length).toBeGreaterThan(0);
    for (const { misses } of proof.nearestMisses)
      expect(misses.every((f) => f.verdict === "fails")).toBe(true);
    expect(proof.nearestMisses[0]!.candidate).toBe(proof.candidates[0]);
  });
  it("picks the actuator that a full proof of every actuator would pick", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 50 }),
        fc.double({ min: 3, max: 7, noNaN: true }),
        fc.constantFrom("closes", "opens", "stays"),
        (pressure, air, loss) => {
          const duty = dutyWith({
            airMinimumBarG: air,
            onSupplyLoss: loss as "closes",
            cases: [{ upstreamBarG: pressure }],
          });
          const proving = prover(duty, shelf, house);
          const score = (c: Proof["candidates"][number]) =>
            Math.max(...["drive", "fit-up"].map((s) => gravityOf(c.stations[s as "drive"])));
          for (const candidate of proving.candidates()) {
            const candidates = proving
              .drivesFor(candidate.valve)
              .filter((c) => c.drive?.onSupplyLoss === loss);
            const best = Math.min(...candidates.map(score));
            expect(score(candidate)).toBe(best);
            if (best < 4)
              expect(candidate.drive!.price).toBe(
                Math.min(...candidates.filter((c) => score(c) === best).map((c) => c.drive!.price)),
              );
          }
        },
      ),
      { numRuns: tries(20, 400) },
    );
  });
  it("gives candidates that share a finding the same result as candidates proved alone", () => {
    const duty = dutyWith({ cases: [{ upstreamBarG: 33, temperatureC: 120 }] });
    for (const c of prove(duty, shelf, house).candidates) {
      const alone = prover(duty, shelf, house).judge(c.valve, c.drive);
      expect(alone.findings.map((f) => f.toJSON())).toEqual(c.findings.map((f) => f.toJSON()));
    }
  });
});

describe("blocks of findings", () => {
  // Two of everything, so that a rule that reads more than its declared parts gives a wrong finding.
  const rich = shelfWith((line) => ({
    ...line,
    grades: [...line.grades, { grade: "A351 CF8M", priceFactor: 1.5 }],
    trims: [
      ...line.trims,
      { ...line.trims[0]!, id: "duplex", name: "duplex", ball: "22Cr duplex", stem: "22Cr duplex" },
    ],
    seals: [
      ...line.seals,
      {
        ...line.seals[0]!,
        id: "nbr",
        name: "NBR",
        parts: [{ part: "ring", seal: "nbr", decompressionGrade: false }],
      },
    ],
    sizes: [...line.sizes, ...line.sizes.map((s) => ({ ...s, designation: "class 150" }))],
  }));

  it("gives every candidate the findings it gets when proved alone", () => {
    const duty = dutyWith({
      cases: [{ upstreamBarG: 22, temperatureC: 104 }],
      fluid: { name: "", family: "hydrogen", phase: "gas" },
      operator: "any",
    });
    const { candidates } = prove(duty, rich, house);
    expect(candidates).toHaveLength(128);
    for (const c of candidates) {
      const alone = prover(duty, rich, house).judge(c.valve, c.drive);
      expect(alone.findings.map((f) => f.toJSON())).toEqual(c.findings.map((f) => f.toJSON()));
      const counted = (verdict: string) => c.findings.filter((f) => f.verdict === verdict).length;
      expect([c.fails, c.cannotTell, c.tight]).toEqual([
        counted("fails"),
        counted("cannot tell"),
        counted("tight"),
      ]);
      expect(gravityOf(c.verdict)).toBe(Math.max(...c.findings.map((f) => gravityOf(f.verdict))));
      expect(c.heldBackBy?.verdict).toBe(c.verdict);
    }
  });
});

describe("prove request", () => {
  it("answers bad input with code, message and field", () => {
    expect(proveRequest({}, { shelf, house })).toMatchObject({
      error: { code: "invalid-duty", field: "duty" },
    });
    expect(proveRequest({ duty: { dn: 155 } }, { shelf, house })).toMatchObject({
      error: { field: "duty.dn", message: "DN 155 is not a nominal size." },
    });
    expect(proveRequest({ duty: {}, houseRules: { serviceFactor: 9 } }, { shelf, house })).toMatchObject({
      error: { code: "invalid-house-rules", field: "houseRules.serviceFactor" },
    });
    expect(proveRequest({ duty: {}, catalogue: {} }, { shelf, house })).toMatchObject({
      error: { code: "invalid-catalogue" },
    });
  });
  it("accepts a catalogue of its own and limits what it prints", () => {
    const result = proveRequest(
      { duty: dutyWith(), catalogue: catalogueDocument, limit: 1 },
      { shelf, house },
    );
    expect(result).toMatchObject({ considered: 4 });
    expect("candidates" in result && result.candidates).toHaveLength(1);
  });
});

describe("sheet", () => {
  const duty = dutyWith();
  const candidate = prove(duty, shelf, house).candidates[0]!;
  const details = {
    revision: "A",
    issued: { at: "2026-01-01T00:00:00.000Z", by: "engineer" },
    standards: "",
    project: "Tarn Ness",
    tag: { number: "XV-1", service: "", unit: "" },
    notes: "",
    override: null,
    catalogueDigest: digestOf(shelf.catalogue),
    considered: 4,
    standing: 4,
    cannotTell: 0,
  };
  const sheet = drawUpSheet(
    { duty, house: { version: 1, values: house }, catalogue: shelf.catalogue, candidate },
    details,
  );
  const throughJson = () => JSON.parse(JSON.stringify(sheet));

  it("proves the same candidate from the extract as from the whole shelf", () => {
    expect(sheet.proof.findings).toEqual(candidate.findings.map((f) => f.toJSON()));
  });
  it("reports same when proved again", () => {
    expect(reprove(throughJson())).toMatchObject({ same: true, differences: [], digest: sheet.digest });
  });
  it("finds an altered finding", () => {
    const altered = throughJson();
    const limited = altered.proof.findings.findIndex((f: object) => "limit" in f);
    altered.proof.findings[limited].limit = 999;
    expect(reprove(altered)).toMatchObject({
      same: false,
      differences: [{ path: `proof.findings.${altered.proof.findings[limited].rule}.limit`, was: 999 }],
    });
  });
  it("finds an altered input by its digest and by its effect", () => {
    const altered = throughJson();
    altered.inputs.duty.cases[0].upstreamBarG = 48;
    const result = reprove(altered);
    expect(result).toMatchObject({ same: false });
    expect("differences" in result && result.differences[0]).toMatchObject({
      path: "digest",
      was: sheet.digest,
    });
    expect("differences" in result && result.differences.length).toBeGreaterThan(1);
  });
  it("does not accept another document as a sheet", () => {
    expect(reprove({ format: "other" })).toMatchObject({ error: { code: "not-a-sheet" } });
  });
  it("digests equal inputs equally whatever their key order", () => {
    const reversed = Object.fromEntries(Object.entries(throughJson().inputs).reverse());
    expect(digestOf(reversed)).toBe(sheet.digest);
  });
});

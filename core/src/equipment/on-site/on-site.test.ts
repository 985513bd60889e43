import { describe, expect, it } from "vitest";
import { demoCatalogue, demoShelf } from "../../../test/demo.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { proveForList } from "../../judgement/proof/listing/prove-for-list.ts";
import { prove } from "../../judgement/proof/prove.ts";
import { reprove } from "../../judgement/proof/reprove.ts";
import { drawUpSheet } from "../../judgement/proof/sheet.ts";
import { offerFor } from "./offer.ts";
import { valveOnSite } from "./valve.ts";

const house = defaultHouseRules();
const disc = (change: Partial<Duty> = {}): Duty =>
  dutyWith({
    dn: 300,
    lineDesignation: "class 150",
    cases: [{ upstreamBarG: 6 }],
    onSite: true,
    onSiteConstruction: "butterfly-concentric",
    onSiteBreakNm: 400,
    onSitePad: "F16",
    onSiteStemLimitNm: 4000,
    ...change,
  } as Parameters<typeof dutyWith>[0]);
const best = (duty: Duty) => prove(duty, demoShelf, house).candidates[0]!;
const finding = (duty: Duty, rule: string) => best(duty).findings.find((f) => f.rule === rule)!;

describe("an installed valve", () => {
  it("is the only candidate, and gets an actuator strong enough for the entered torque", () => {
    const proof = prove(disc(), demoShelf, house);
    expect(new Set(proof.candidates.map((c) => c.valve.line.id))).toEqual(new Set(["on-site"]));
    const [candidate] = proof.candidates;
    expect(candidate!.breakNm).toBeGreaterThanOrEqual(400);
    expect(candidate!.stations.drive).not.toBe("fails");
    expect(candidate!.demand.covering!.closing.every((nm) => nm >= 400)).toBe(true);
  });
  it("is judged on torque, actuation and fit-up, and on entered values only", () => {
    for (const f of best(disc()).findings)
      if (f.station === "body" || f.station === "envelope") expect(f.verdict, f.rule).toBe("not asked");
    expect(finding(disc(), "torque/table-and-mechanics").verdict).toBe("not asked");
    expect(finding(disc(), "torque/torque-known").verdict).toBe("holds");
    expect(finding(disc(), "fit-up/joint").verdict).toBe("cannot tell");
    const stated = {
      onSiteStemForm: "square parallel",
      onSiteStemAcrossMm: 22,
      onSiteStemHeightMm: 24,
    } as const;
    expect(finding(disc(stated), "fit-up/joint").verdict).toBe("holds");
  });
  it("uses the entered points, and its breakaway torque for the others", () => {
    const profile = best(disc()).demand.byCase[0]!.profile!;
    const some = best(disc({ onSiteRunToOpenNm: 100, onSiteEndToCloseNm: 900 })).demand.byCase[0]!.profile!;
    expect(some.opening[15]).toBeCloseTo(100, 9);
    expect(profile.opening[15]).toBeCloseTo(400, 9);
    expect(some.closing[0]).toBeCloseTo(900, 9);
    expect(some.opening[0]).toBeCloseTo(profile.opening[0]!, 9);
  });
  it("never gets the factor twice", () => {
    expect(best(disc({ onSiteFactorIn: 1.2 })).demand.appliedFactor).toBe(1);
    expect(best(disc()).demand.appliedFactor).toBeCloseTo(1.2, 12);
  });
  it("fails where its stem limit or its pad is too small", () => {
    const failing = (duty: Duty) => best(duty).failing.map((f) => f.rule);
    expect(failing(disc())).toEqual([]);
    expect(failing(disc({ onSiteStemLimitNm: 401 })).some((rule) => rule.startsWith("drive/"))).toBe(true);
    expect(failing(disc({ onSitePad: "F05" }))).toContain("fit-up/pad-torque");
  });
  it.each(["onSiteConstruction", "onSiteBreakNm", "onSitePad", "onSiteStemLimitNm"] as const)(
    "waits for %s and proves nothing until then",
    (field) => {
      const proof = prove(disc({ [field]: null }), demoShelf, house);
      expect(proof.candidates).toHaveLength(0);
      expect(proof.dutyVerdict).toBe("cannot tell");
      expect(proof.missing.map((m) => m.field)).toContain(field);
    },
  );
  it("gives the same result in a list", () => {
    const [listed, proof] = [proveForList(disc(), demoShelf, house), prove(disc(), demoShelf, house)];
    expect(listed.best!.key).toBe(proof.candidates[0]!.key);
    expect(listed.considered).toBe(proof.candidates.length);
    expect(listed.standing.length).toBe(proof.standing);
  });
  it("leaves the shelf unchanged for any other duty, and may have any size and class", () => {
    expect(offerFor(dutyWith(), demoShelf)).toBe(demoShelf);
    expect(valveOnSite(disc({ dn: 1200, lineDesignation: "PN 10" as never })).length).toBeLessThanOrEqual(1);
    expect(valveOnSite(disc({ lineDesignation: null }))).toHaveLength(1);
  });
  it("is on a sheet that proves itself again", () => {
    const duty = disc();
    const candidate = best(duty);
    const sheet = drawUpSheet(
      { duty, house: { version: 1, values: house }, catalogue: demoCatalogue, candidate },
      {
        revision: "A",
        issued: { at: "2026-01-02T03:04:05.000Z", by: "engineer" },
        project: "Tarn Ness",
        standards: "",
        tag: { number: "XV-1", service: "", unit: "" },
        notes: "",
        override: null,
        catalogueDigest: "0".repeat(64),
        considered: 1,
        standing: 1,
        cannotTell: 0,
      },
    );
    expect(reprove(JSON.parse(JSON.stringify(sheet)))).toMatchObject({ same: true });
  });
});

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { type ShutOff, shutOffClasses, shutOffPromises, shutOffRates } from "../../duty/fields/words.ts";
import { settle } from "../../duty/settling/settle.ts";
import { seatName } from "../../equipment/catalogue/valve.ts";
import { allowanceOf } from "./allowance.ts";
import { comparePromise } from "./compare.ts";

const house = defaultHouseRules();
const duty = settle(dutyWith({ cases: [{ upstreamBarG: 21, downstreamBarG: 1 }] }), house);
const valve = shelfWith().valvesFor(50)[0]!;
const allowance = (promise: ShutOff, tried = valve, under = duty) =>
  allowanceOf(promise, tried, under, house);

describe("allowed leakage of a shut valve", () => {
  it("is the class's share of the trim's water at 3.5 bar, or at less where its differential is lower", () => {
    const kv = 100;
    const control = demoShelf.valvesFor(50).find((v) => v.line.id === "tarrowby-segment")!;
    const line = { ...control.line, flowTrims: control.line.flowTrims.slice(0, 1) };
    const trim = line.flowTrims[0]!;
    const sized = { ...trim, sizes: trim.sizes.map((s) => ({ ...s, kv })) };
    const trimmed = { ...control, size: { ...control.size }, line: { ...line, flowTrims: [sized] } };
    expect(allowance("class IV", trimmed).liquidMlMin).toBeCloseTo(
      (1e-4 * kv * Math.sqrt(3.5) * 1e6) / 60,
      6,
    );
    const low = settle(dutyWith({ cases: [{ upstreamBarG: 2, downstreamBarG: 1 }] }), house);
    expect(allowance("class III", { ...trimmed, size: { ...control.size } }, low).liquidMlMin).toBeCloseTo(
      (1e-3 * kv * 1e6) / 60,
      6,
    );
  });
  it("of class V depends on the duty's differential, and of VI is gas", () => {
    const { seatContactDiameterMm } = valve.size.geometry;
    expect(allowance("class V").liquidMlMin).toBeCloseTo(
      (1.8e-7 * 2000 * seatContactDiameterMm * 1000) / 60,
      9,
    );
    expect(allowance("class VI")).toMatchObject({ liquidMlMin: null, gasMlMin: expect.any(Number) });
  });
  it("of class VI has no figure beyond the listed sizes", () => {
    expect(allowance("class VI", { ...valve, size: { ...valve.size, dn: 1200 } }).gasMlMin).toBeNull();
  });
});

describe("a seat", () => {
  it("of metal is named by its contact with the closure, where that is stated", () => {
    const names = (id: string) =>
      new Set(demoShelf.valvesFor(50).flatMap((v) => (v.line.id === id ? [seatName(v.seat)] : [])));
    expect(names("tarrowby-segment")).toEqual(
      new Set([
        "PTFE, 15 % glass",
        "Cobalt-alloy hardfacing, flexed metal lip",
        "Chromium-carbide on metal, solid metal ring",
        "Tungsten-carbide on metal, clearance",
      ]),
    );
    expect(names("fennimoor-trunnion")).toContain("Tungsten-carbide on metal");
  });
});

describe("a promise", () => {
  const stands = (asked: ShutOff, promised: ShutOff) => comparePromise(allowance(asked), allowance(promised));
  it("follows the order of its own standard", () => {
    for (const order of [[...shutOffRates].reverse(), shutOffClasses])
      for (const [i, asked] of order.entries())
        for (const [j, promised] of order.entries())
          expect(stands(asked, promised), `${asked} by ${promised}`).toBe(j >= i ? "as tight" : "looser");
  });
  it("in one standard never proves a demand in another", () => {
    const any = fc.constantFrom(...shutOffPromises);
    fc.assert(
      fc.property(any, any, (asked, promised) => {
        fc.pre(asked.startsWith("class") !== promised.startsWith("class"));
        expect(stands(asked, promised)).not.toBe("as tight");
        if (promised.startsWith("class")) expect(stands(asked, promised)).not.toBe("tighter by another test");
      }),
    );
  });
});

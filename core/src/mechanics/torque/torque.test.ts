import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules, type HouseRules } from "../../basis/house/house-rules.ts";
import { namedPoints } from "../../basis/stroke/named-points.ts";
import { settle } from "../../duty/settling/settle.ts";
import { handTurns } from "./by-hand.ts";
import { breakGrowth, breaking, hardestAt, seatGrowth, tableTorque, torqueDemand } from "./demand.ts";
import { serviceFactor } from "./service-factor.ts";
import { stemThrustN } from "./stem-thrust.ts";

const house = defaultHouseRules();
const valves = demoShelf.valvesFor(100);
const [fixture] = shelfWith().valvesFor(50);
const demand = (
  change: Parameters<typeof dutyWith>[0],
  rules: Partial<HouseRules> = {},
  valve = fixture!,
) => {
  const under = { ...house, ...rules };
  return torqueDemand(valve, settle(dutyWith(change), under), under);
};

/** The case that breaks hardest, and its named points. */
function hardest(...parameters: Parameters<typeof demand>) {
  const found = demand(...parameters);
  if (found.covering === null) return null;
  const { caseName, differentialBar, profile } = hardestAt(found, breaking);
  return { caseName, differentialBar, ...namedPoints(profile) };
}

describe("the maker's table", () => {
  it.each([
    [0, 5],
    [4, 9],
    [10, 15],
    [15, 40],
    [20, 65],
  ])("at %s bar gives %s N·m", (differential, torque) => {
    expect(tableTorque([0, 10, 20], [5, 15, 65], differential)).toBe(torque);
  });
  it("is never extrapolated, and constant before its beginning", () => {
    expect(tableTorque([5, 10], [5, 15], 10.001)).toBeNull();
    expect(tableTorque([5, 10], [5, 15], 0)).toBe(5);
  });
  it("never falls as the differential rises, for any valve of the demo", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...valves),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (valve, a, b) => {
          const { differentialBar, breakToOpenNm } = valve.size.torque;
          const row = breakToOpenNm[valve.seat.material.id]!;
          const torqueAt = (share: number) =>
            tableTorque(differentialBar, row, share * differentialBar.at(-1)!)!;
          expect(torqueAt(Math.max(a, b))).toBeGreaterThanOrEqual(torqueAt(Math.min(a, b)) - 1e-9);
        },
      ),
    );
  });
});

describe("growth of breakaway torque with time shut", () => {
  it("is none for no time, and the share a decade", () => {
    expect(breakGrowth(0.25, 0)).toBe(1);
    expect(breakGrowth(0.25, 9)).toBeCloseTo(1.25, 12);
    expect(breakGrowth(0.25, 99)).toBeCloseTo(1.5, 12);
  });
  it("never shrinks with time, for any valve of the demo", () => {
    fc.assert(
      fc.property(fc.constantFrom(...valves), fc.nat(5000), fc.nat(5000), (valve, a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)];
        expect(seatGrowth(valve, more)).toBeGreaterThanOrEqual(seatGrowth(valve, less));
        expect(seatGrowth(valve, 0)).toBe(1);
      }),
    );
  });
  it("is halved by grooves or a relieving seat, for soft seats only", () => {
    const bare = shelfWith((line) => ({
      ...line,
      equalisingGrooves: false,
      cavities: [{ arrangement: "plain" as const, priceFactor: 1 }],
    })).valvesFor(50)[0]!;
    const full = seatGrowth(bare, 99) - 1;
    expect(seatGrowth(fixture!, 99) - 1).toBeCloseTo(full / 2, 12);
    const metal = valves.find((v) => v.seat.material.kind === "metal" && v.line.equalisingGrooves);
    if (metal) expect(seatGrowth(metal, 99)).toBe(breakGrowth(metal.seat.material.breakGrowthPerDecade, 99));
  });
});

describe("the service factor", () => {
  const factor = (change: Parameters<typeof dutyWith>[0]) =>
    serviceFactor(settle(dutyWith(change), house), house);
  it("is the house rule's base without further reasons", () => {
    expect(factor({})).toEqual({ total: 1.2, reasons: [{ why: "base", adds: 1.2 }], setAside: [] });
  });
  it.each([
    ["emergency", { function: ["emergency shut-down" as const] }, house.emergencyIncrement],
    ["throttling", { function: ["throttling" as const] }, house.throttlingIncrement],
    ["dry gas", { fluid: { phase: "gas" as const } }, house.dryGasIncrement],
    ["seldom moved", { strokesPerYear: 1 }, house.seldomIncrement],
    ["cold", { cases: [{ temperatureC: house.coldBelowC - 1 }] }, house.coldIncrement],
    ["heat", { cases: [{ temperatureC: house.heatAboveC + 1 }] }, house.heatIncrement],
    ["fluid that sets", { fluid: { hazards: ["polymerises" as const] } }, house.settingIncrement],
  ])("adds for %s, by name", (why, change, adds) => {
    const { total, reasons } = factor(change);
    expect(reasons).toEqual([
      { why: "base", adds: 1.2 },
      { why, adds },
    ]);
    expect(total).toBeCloseTo(1.2 + adds, 12);
  });
  it.each([
    ["cold", house.coldBelowC],
    ["heat", house.heatAboveC],
  ])("adds nothing for %s at its border", (_, temperatureC) => {
    expect(factor({ cases: [{ temperatureC }] }).total).toBe(1.2);
    expect(factor({ cases: [{}, { kind: "fire", temperatureC: 900 }] }).total).toBe(1.2);
  });
  it("leaves a reason out only with a written explanation", () => {
    const seldom = { strokesPerYear: 1, factorSetAside: ["seldom moved" as const, "cold" as const] };
    expect(factor({ ...seldom, factorSetAsideBecause: " " })).toEqual(factor({ strokesPerYear: 1 }));
    expect(factor({ ...seldom, factorSetAsideBecause: "partial strokes each month" })).toEqual({
      total: 1.2,
      reasons: [{ why: "base", adds: 1.2 }],
      setAside: [{ why: "seldom moved", adds: house.seldomIncrement }],
    });
  });
  it("adds increments to the base, and does not multiply them", () => {
    const { total } = factor({
      function: ["emergency shut-down"],
      strokesPerYear: 0,
      fluid: { phase: "gas" },
    });
    expect(total).toBeCloseTo(1.2 + 0.3 + 0.1 + 0.1, 12);
  });
  it("is at least 1.5 for an emergency valve", () => {
    expect(factor({ function: ["emergency shut-down"] }).total).toBeGreaterThanOrEqual(1.5);
  });
});

describe("torque demand", () => {
  it("uses the hardest case, and keeps all of them", () => {
    const found = demand({ cases: [{ upstreamBarG: 10 }, { upstreamBarG: 40 }, { upstreamBarG: 25 }] });
    expect(found.byCase.map((c) => namedPoints(c.profile!).breakToOpenNm)).toEqual([28, 52, 40]);
    expect(hardestAt(found, breaking).caseName).toBe("case 2");
    expect(found.covering).toEqual(found.byCase[1]!.profile);
    expect(found.unknown).toBeNull();
  });
  it("takes its other points as the line's share of the breakaway torque, before growth", () => {
    const found = hardest({ cases: [{ upstreamBarG: 10, rate: 0 }], longestShutDays: 99 });
    expect(found).toMatchObject({ runToOpenNm: 14, breakToCloseNm: 16.8 });
    expect(found!.breakToOpenNm).toBeGreaterThan(28);
  });
  it("takes the far side of a flowing case as vented once it is shut", () => {
    const flowing = { cases: [{ upstreamBarG: 40, downstreamBarG: 39.5 }] };
    expect(hardest(flowing)).toMatchObject({ differentialBar: 40, breakToOpenNm: 52 });
  });
  it("uses the far side of a stated shut-off differential, unless another case is harder", () => {
    const shut = { kind: "shut-off differential", upstreamBarG: 40, downstreamBarG: 30 } as const;
    const flowing = { upstreamBarG: 40, downstreamBarG: 39.5 };
    expect(hardest({ cases: [flowing, shut] })!.differentialBar).toBe(10);
    expect(hardest({ cases: [{ ...flowing, upstreamBarG: 41 }, shut] })!.differentialBar).toBe(41);
    expect(hardest({ cases: [{ ...shut, downstreamBarG: null }] })!.differentialBar).toBe(40);
  });
  it("uses the rated differential where the house rule says so", () => {
    const change = { cases: [{ upstreamBarG: 40, downstreamBarG: 30 }] };
    expect(demand(change, { sizingBasis: "rated" }).basis).toBe("rated");
    expect(hardest(change, { sizingBasis: "rated" })).toMatchObject({
      caseName: "rated differential",
      differentialBar: 50,
    });
  });
  it("has no differential where the valve is never shut", () => {
    expect(hardest({ cases: [{ upstreamBarG: 40, mayBeShut: false }] })!.breakToOpenNm).toBe(20);
  });
  it("names the unknown case, and the reason", () => {
    expect(demand({ cases: [{ upstreamBarG: 51 }] }).unknown).toEqual({
      caseName: "case 1",
      why: "beyond table",
    });
    expect(demand({ cases: [{ upstreamBarG: null }] }).unknown).toEqual({
      caseName: "case 1",
      why: "differential",
    });
    expect(demand({ cases: [] })).toMatchObject({ covering: null, unknown: null, byCase: [] });
  });
  it("applies only the part of the factor that the maker has not", () => {
    const included = (by: number) =>
      shelfWith((line) => ({ ...line, torqueIncludesFactor: by })).valvesFor(50)[0]!;
    expect(demand({}, {}, included(1)).appliedFactor).toBeCloseTo(1.2, 12);
    expect(demand({}, {}, included(1.1)).appliedFactor).toBeCloseTo(1.2 / 1.1, 12);
    expect(demand({}, {}, included(1.5)).appliedFactor).toBe(1);
  });
  it("is the same with the factor given as with it computed here", () => {
    const duty = settle(dutyWith({ strokesPerYear: 1 }), house);
    const factor = serviceFactor(duty, house);
    expect(torqueDemand(fixture!, duty, house, factor)).toEqual(torqueDemand(fixture!, duty, house));
  });
  it("never falls while a case's pressure rises", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...valves),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (valve, a, b) => {
          const torqueAt = (bar: number) =>
            hardest({ dn: 100, cases: [{ upstreamBarG: bar }] }, {}, valve)?.breakToOpenNm ??
            Number.POSITIVE_INFINITY;
          expect(torqueAt(Math.max(a, b))).toBeGreaterThanOrEqual(torqueAt(Math.min(a, b)) - 1e-9);
        },
      ),
    );
  });
});

describe("a lever", () => {
  it.each([
    [0, true],
    [270, true],
    [270.01, false],
  ])("turns %s N·m: %s", (nm, turns) => expect(handTurns(nm)).toBe(turns));
});

describe("thrust on a rising stem", () => {
  it("is the work of the nut over the lead without friction, and less with it", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1000, noNaN: true }),
        fc.double({ min: 2, max: 20, noNaN: true }),
        fc.double({ min: 21, max: 100, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        (nm, leadMm, meanDiameterMm, friction) => {
          const thread = { leadMm, meanDiameterMm };
          const free = stemThrustN(nm, thread, 0);
          expect(free).toBeCloseTo((2 * Math.PI * nm) / (leadMm / 1000), 4);
          expect(stemThrustN(nm, thread, friction)).toBeLessThan(free);
          expect(stemThrustN(2 * nm, thread, friction)).toBeCloseTo(2 * stemThrustN(nm, thread, friction), 6);
        },
      ),
    );
  });
});

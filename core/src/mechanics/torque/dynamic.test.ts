import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../test/demo.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { findingOf } from "../../../test/one-rule.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { angles } from "../../basis/stroke/profile.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { torqueDemand } from "./demand.ts";
import { flowTorque } from "./dynamic.ts";

const house = defaultHouseRules();
const disc = demoShelf.valvesFor(200).find((v) => v.line.name === "Vane 2")!;
const water = (change: Partial<Duty["cases"][number]>, rest: Parameters<typeof dutyWith>[0] = {}) =>
  dutyWith({
    dn: 200,
    fluid: { substance: null, family: "water", phase: "liquid", densityKgM3: 1000 },
    ...rest,
    cases: [{ upstreamBarG: 10, temperatureC: 20, phase: "liquid", ...change }],
  });
const flow = (duty: Duty, differentialBar = 10, valve = disc) => {
  const settled = settle(duty, house);
  return flowTorque(valve, settled.cases[0]!, differentialBar, settled, house);
};

describe("flow torque", () => {
  it("is C_t·Δp·D³ of the whole pressure where the valve takes all of it", () => {
    // So much flow that nothing is left for the line.
    const { opening } = flow(water({ rate: 50_000 }))!;
    const { curve } = disc.line.flowTrims[0]!;
    const point = curve.find((p) => p.openingPercent === 80)!;
    const metres = disc.size.geometry.closureDiameterMm / 1000;
    expect(opening[angles.indexOf(72)]).toBeCloseTo(point.torque! * 10e5 * metres ** 3, 6);
  });
  it("is smaller with more line resistance, and zero without flow", () => {
    const largestNm = (rate: number) => flow(water({ rate }))!.mostNm;
    expect(largestNm(100)).toBeLessThan(largestNm(400));
    expect(largestNm(400)).toBeLessThan(largestNm(2000));
    expect(flow(water({ rate: 0 }))).toBeNull();
    expect(flow(water({ rate: 400 }), 0)).toBeNull();
  });
  it("uses the design velocity of lines where no flow is stated", () => {
    const assumed = flow(water({ rate: null }))!;
    expect(assumed.assumed).toBe(true);
    const laidOut = house.openLiquidMS * 3600 * (Math.PI / 4) * 0.22 ** 2;
    expect(flow(water({ rate: laidOut }))!.mostNm).toBeCloseTo(assumed.mostNm, 6);
    expect(flow(water({ rate: laidOut }))!.assumed).toBe(false);
  });
  const stillAndFlowing = (valve: typeof disc) =>
    [0, 900].map((rate) => {
      const settled = settle(water({ rate }), house);
      return torqueDemand(valve, settled, house).byCase[0]!;
    }) as [
      ReturnType<typeof torqueDemand>["byCase"][number],
      ReturnType<typeof torqueDemand>["byCase"][number],
    ];
  it("is added on both strokes of a disc: it closes it, and pushes it open near the end", () => {
    const [still, flowing] = stillAndFlowing(disc);
    expect(flowing.profile!.opening[0]).toBe(still.profile!.opening[0]);
    for (const stroke of ["opening", "closing"] as const)
      flowing.profile![stroke].forEach((nm, i) => {
        expect(nm).toBeCloseTo(still.profile![stroke][i]! + flowing.flow![stroke][i]!, 9);
      });
    const torqueAt = (degrees: number) => flowing.flow!.closing[angles.indexOf(degrees)]!;
    expect(torqueAt(45)).toBe(0);
    expect(torqueAt(81)).toBeGreaterThan(0);
    expect(flowing.flow!.mostNm).toBe(Math.max(...flowing.flow!.opening));
  });
  it("relieves nothing, and does not affect closing where flow only closes a ball", () => {
    const [still, flowing] = stillAndFlowing(
      demoShelf.valvesFor(200).find((v) => v.construction.id === "trunnion-side-entry")!,
    );
    expect(flowing.profile!.closing).toEqual(still.profile!.closing);
    expect(Math.min(...flowing.flow!.opening)).toBeGreaterThanOrEqual(0);
  });
  it("pushes an eccentric plug open throughout, and names the stroke with its maximum", () => {
    const plug = demoShelf.valvesFor(200).find((v) => v.construction.flows === "eccentric plug")!;
    const [, { flow: found }] = stillAndFlowing(plug);
    expect(found!.closing[angles.indexOf(30)]).toBeGreaterThan(0);
  });
  it("uses the maker's figure against closing, and a typical one where none is stated", () => {
    const with_ = (closingTorque: number | null) => {
      const line = {
        ...disc.line,
        flowTrims: disc.line.flowTrims.map((t) => ({
          ...t,
          curve: t.curve.map((p) => ({ ...p, closingTorque })),
        })),
      };
      return flow(water({ rate: 900 }), 10, { ...disc, line, size: { ...disc.size } })!;
    };
    expect(Math.max(...with_(0).closing)).toBe(0);
    expect(with_(1)).toMatchObject({ at: { stroke: "closing" } });
    expect(with_(null).closing).toEqual(flow(water({ rate: 900 }))!.closing);
    expect(Math.max(...with_(null).closing)).toBeGreaterThan(0);
  });
  it("is equal for a kilogram, a normal and an actual cubic metre", () => {
    const gas = (rate: number, rateBasis: Duty["cases"][number]["rateBasis"]) =>
      flow(
        dutyWith({
          dn: 200,
          fluid: { substance: "nitrogen", family: "air and inert gas", phase: "gas" },
          cases: [{ upstreamBarG: 10, temperatureC: 0, phase: "gas", rate, rateBasis }],
        }),
      )!.mostNm;
    const byMass = gas(10_000, "kg/h");
    expect(gas(10_000 / (28.014 / 22.414), "Nm³/h")).toBeCloseTo(byMass, 6);
  });
  it("does not apply to a rising stem or an installed valve", () => {
    const rising = demoShelf.valvesFor(100).find((v) => v.construction.id === "tilt-away")!;
    expect(flow(water({ rate: 400 }), 10, rising)).toBeNull();
    expect(flow(water({ rate: 400 }, { onSite: true }))).toBeNull();
  });
  it("needs the flow where it matters and is not stated", () => {
    const verdictAt = (rate: number | null) =>
      findingOf("torque/flow-torque", water({ rate }), disc, null).verdict;
    const large = demoShelf.valvesFor(600).find((v) => v.construction.closure === "disc")!;
    const openly = { ...water({ rate: null, upstreamBarG: 2 }), dn: 600 };
    const found = findingOf("torque/flow-torque", openly, large, null) as unknown as {
      verdict: string;
      value: number;
    };
    expect(verdictAt(1)).toBe("holds");
    expect(verdictAt(0)).toBe("not asked");
    const much = found.value > 0.2 * torqueDemand(large, settle(openly, house), house).covering!.opening[0]!;
    expect(found.verdict).toBe(much ? "tight" : "holds");
  });
  it("is in the demand of the demo's discs", () => {
    const settled = settle(demoDuty("XV-6001"), house);
    const valve = demoShelf.valvesFor(400).find((v) => v.construction.closure === "disc")!;
    expect(torqueDemand(valve, settled, house).byCase.some((c) => (c.flow?.mostNm ?? 0) > 0)).toBe(true);
  });
});

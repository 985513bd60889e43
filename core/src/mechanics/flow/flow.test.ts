import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { LiquidStream } from "../../duty/stream/stream-figures.ts";
import { trimAt, trimsOf } from "../../equipment/trims/trim.ts";
import { flowAround, trimInDuty } from "./assess.ts";
import { installedCurve, installedShare, systemOf } from "./installed.ts";
import { openDropBar } from "./open-drop.ts";
import { openingFor } from "./opening-for.ts";
import { passingOf, streamAt } from "./passing.ts";
import { flowOf } from "./picked.ts";

const house = defaultHouseRules();
const tags = ["FV-5010", "PV-3081", "TV-4021", "PV-8061", "FV-8071"];
const settled = (number: string) => settle(demoDuty(number), house);
const valvesOf = (number: string) => {
  const { dn } = demoDuty(number);
  return [...new Map(demoShelf.valvesFor(dn!).map((v) => [v.size, v])).values()];
};
const pipes = { valveMm: 100, pipeMm: 100 };
const water: LiquidStream = {
  kind: "liquid",
  flowM3h: 100,
  massKgH: 100_000,
  densityKgM3: 1000,
  viscosityPaS: 0.001,
  soundMS: 1480,
  vapourBarA: 0.02,
  vapourKnown: true,
  criticalBarA: 220,
  upstreamBarA: 10,
  downstreamBarA: 8,
  temperatureC: 20,
  figures: [],
};
const segment = demoShelf.valvesFor(100).find((v) => v.line.name === "Arc")!;
const trims = trimsOf(segment.line.flowTrims, segment.construction, segment.size);

const unstated = { pumpedBarA: null, staticBarA: null };

describe("an opening found for a case", () => {
  it("passes the case's flow, in every trim of every body", () => {
    let asked = 0;
    for (const number of tags)
      for (const valve of valvesOf(number)) {
        const around = flowAround(valve.size, settled(number), house);
        for (const trim of trimsOf(valve.line.flowTrims, valve.construction, valve.size))
          for (const { standing, stream } of trimInDuty(trim, around).cases) {
            if (standing.beyond !== null) continue;
            asked++;
            const share = passingOf(stream, around.pipes).share(trimAt(trim, standing.openingPercent));
            expect(Math.abs(share - 1)).toBeLessThan(1e-6);
          }
      }
    expect(asked).toBeGreaterThan(150);
  });
  it("is wider for more flow", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...trims),
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 1.01, max: 3, noNaN: true }),
        (trim, share, more) => {
          const openingAt = (by: number) => openingFor(trim, passingOf(streamAt(water, by), pipes));
          expect(openingAt(share * more).openingPercent).toBeGreaterThanOrEqual(
            openingAt(share).openingPercent,
          );
        },
      ),
    );
  });
  it("is at an end where the trim has no opening", () => {
    expect(openingFor(trims[0]!, passingOf(streamAt(water, 100), pipes)).beyond).toBe("above capacity");
    expect(openingFor(trims.at(-1)!, passingOf(streamAt(water, 0.001), pipes)).beyond).toBe("below range");
  });
});

describe("an open valve", () => {
  it("has the pressure drop of its flow", () => {
    const trim = trims.at(-1)!;
    const bar = openDropBar(trim, water, pipes);
    const share = passingOf(streamAt(water, 1, 10, 10 - bar), pipes).share(trimAt(trim, 100));
    expect(share).toBeCloseTo(1, 6);
    expect(openDropBar(trim, streamAt(water, 1000), pipes)).toBe(2);
  });
  it("has the drop at which the open trim passes the flow, down to negligible flows", () => {
    const trim = trims.at(-1)!;
    const trimPoint = trimAt(trim, 100);
    const flow = fc.double({ min: -12, max: 0, noNaN: true }).map((power) => 10 ** power);
    fc.assert(
      fc.property(flow, (share) => {
        const stream = streamAt(water, share);
        const bar = openDropBar(trim, stream, pipes);
        const passes = passingOf(streamAt(stream, 1, 10, 10 - bar), pipes).share(trimPoint);
        // At ten bar the floating-point resolution is some 1e-15: smaller drops equal none.
        if (bar > 1e-6) expect(passes).toBeCloseTo(1, 7);
        else expect(bar).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe("a valve in its line", () => {
  const streams = (...caseFlows: (readonly [flow: number, up: number, down: number])[]) =>
    caseFlows.map(([share, up, down], i) => ({
      caseId: `c${i}`,
      caseName: `c${i}`,
      reverse: false,
      phase: "liquid" as const,
      stream: streamAt(water, share, up, down),
      passing: null,
      missing: null,
      still: null,
      rate: 1,
      sized: true,
    }));
  it("passes the same as alone where pressures are constant: authority 1", () => {
    const system = systemOf({ streams: streams([1, 10, 8], [0.5, 10, 8]), line: unstated })!;
    expect(system.authority).toBe(1);
    for (const trim of trims) {
      const inherent = (h: number) => passingOf(water, pipes).share(trimAt(trim, h));
      for (const h of [20, 50, 80, 100])
        expect(installedShare(trim, h, system, pipes) / inherent(h)).toBeCloseTo(1, 6);
    }
  });
  it("goes through its cases, and passes less fully open than alone where the line has resistance", () => {
    const cases = streams([1, 9, 8], [0.4, 11, 5]);
    const system = systemOf({ streams: cases, line: unstated })!;
    expect(system.known).toBe(true);
    expect(system.upstreamBarA(1)).toBeCloseTo(9, 9);
    expect(system.downstreamBarA(0.4)).toBeCloseTo(5, 9);
    expect(system.authority).toBeLessThan(0.3);
    const trim = trims.at(-1)!;
    const open = installedShare(trim, 100, system, pipes);
    expect(open).toBeLessThan(passingOf(cases[0]!.stream, pipes).share(trimAt(trim, 100)));
    const curve = installedCurve(trim, system, pipes);
    curve.reduce((a, b) => {
      expect(b.share).toBeGreaterThanOrEqual(a.share - 1e-9);
      return b;
    });
  });
  it("has constant pressures where they rise with the flow, and none without flow", () => {
    const system = systemOf({ streams: streams([1, 12, 4], [0.4, 9, 8]), line: unstated })!;
    expect(system.known).toBe(false);
    expect([system.upstreamBarA(0.1), system.downstreamBarA(0.1)]).toEqual([12, 4]);
    expect(systemOf({ streams: [], line: unstated })).toBeNull();
  });
});

describe("the selected trim", () => {
  it("stays within the house's openings on the demo's control tags", () => {
    for (const number of ["FV-5010", "TV-4021", "PV-8061"]) {
      const valve = valvesOf(number).find((v) => v.line.name === "Arc")!;
      for (const { standing } of flowOf(valve, settled(number), house).cases) {
        expect(standing.openingPercent, number).toBeGreaterThanOrEqual(house.leastOpeningPercent);
        expect(standing.openingPercent, number).toBeLessThanOrEqual(house.mostOpeningPercent);
      }
    }
  });
});

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoDuty, demoProof, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import { fittingsOf } from "../../equipment/accessories/fittings.ts";
import { inSeries, ofCv, ofTube, passing } from "./conductance.ts";
import { onAir } from "./executions.ts";
import { solenoids } from "./solenoids.ts";
import { drivenSeconds, sprungSeconds } from "./stroke-time.ts";
import { type ExecutionName, executionNames } from "./ways.ts";

const house = defaultHouseRules();
const atmosphere = 1.01325;
const positive = (least: number, maximum: number) => fc.double({ min: least, max: maximum, noNaN: true });

describe("air flow", () => {
  it("is choked below the critical ratio, and zero without a pressure drop", () => {
    const valve = ofCv(1);
    expect(passing(valve, 6, 1)).toBe(3.6 * 6);
    expect(passing(valve, 6, 6 * valve.b)).toBe(3.6 * 6);
    expect(passing(valve, 6, 6)).toBe(0);
    expect(passing(valve, 6, 7)).toBe(0);
  });
  it("falls with the downstream pressure, and with every part in series", () => {
    fc.assert(
      fc.property(positive(0.1, 10), positive(2, 10), positive(0, 1), positive(0, 1), (cv, from, a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)].map((share) => 1 + share * (from - 1));
        expect(passing(ofCv(cv), from, high!)).toBeLessThanOrEqual(passing(ofCv(cv), from, low!) + 1e-12);
        const both = inSeries([ofCv(cv), ofTube(8, 3)]);
        expect(both.c).toBeLessThan(Math.min(ofCv(cv).c, ofTube(8, 3).c));
      }),
    );
  });
  it("is less through a longer or a thinner tube", () => {
    expect(ofTube(8, 10).c).toBeLessThan(ofTube(8, 5).c);
    expect(ofTube(6, 5).c).toBeLessThan(ofTube(8, 5).c);
  });
});

const chambers = { sweptL: Array(90).fill(0.01), deadL: 0.1 };
const level = (barG: number) => Array(90).fill(barG) as number[];

describe("stroking time", () => {
  it("without load is the volume at the air's pressure over the flow", () => {
    const inlet = { c: 1, b: 0.3 };
    const seconds = drivenSeconds({ chambers, needBar: level(0), supplyBarG: 6, inlet, outlet: null })!;
    expect(seconds).toBeCloseTo((0.9 * atmosphere) / (6 + atmosphere), 9);
  });
  it("by springs is, after the air has fallen, the volume at their pressure", () => {
    const outlet = { c: 1, b: 0.3 };
    const leaves = 4;
    const p = leaves + atmosphere;
    const seconds = sprungSeconds({ chambers, leavesBar: level(leaves), supplyBarG: 4, outlet })!;
    expect(seconds).toBeCloseTo((0.9 * p) / p, 9);
    const more = sprungSeconds({ chambers, leavesBar: level(leaves), supplyBarG: 6, outlet })!;
    // Choked, the pressure falls as e^(−t·C/V): 1 dm³ from 7 to 5 bar.
    expect(more - seconds).toBeCloseTo(Math.log((6 + atmosphere) / p), 1);
  });
  it("is never shorter through less, against more, or with more to fill", () => {
    fc.assert(
      fc.property(positive(0.2, 5), positive(0.1, 4), fc.boolean(), (cv, need, breathes) => {
        const timeFor = (c: number, barG: number, deadL: number) =>
          drivenSeconds({
            chambers: { ...chambers, deadL },
            needBar: level(barG),
            supplyBarG: 6,
            inlet: ofCv(c),
            outlet: breathes ? null : ofCv(c),
          })!;
        const now = timeFor(cv, need, 0.1);
        expect(timeFor(cv * 0.7, need, 0.1)).toBeGreaterThan(now);
        expect(timeFor(cv, need * 1.2, 0.1)).toBeGreaterThanOrEqual(now * 0.999);
        expect(timeFor(cv, need, 0.2)).toBeGreaterThanOrEqual(now * 0.999);
      }),
    );
  });
  it("is infinite where supply or springs cannot complete the stroke", () => {
    const inlet = ofCv(1);
    expect(drivenSeconds({ chambers, needBar: level(6), supplyBarG: 6, inlet, outlet: null })).toBeNull();
    expect(drivenSeconds({ chambers, needBar: level(6), supplyBarG: 6, inlet, outlet: inlet })).toBeNull();
    const weak = level(3);
    weak[45] = 0;
    expect(sprungSeconds({ chambers, leavesBar: weak, supplyBarG: 6, outlet: inlet })).toBeNull();
  });
});

describe("an actuator of the demo on its air", () => {
  const on = (number: string, change: object = {}, rules = house) => {
    const duty = { ...demoDuty(number), ...change };
    const { drive, demand } = demoProof(number).candidates[0]!;
    const air = onAir(drive!, demand, settle(duty, rules), rules);
    const way = (name: ExecutionName) => air!.ways.find((way) => way.name === name)!;
    return { drive: drive!, air, way };
  };
  it("sweeps the volume of its pistons", () => {
    const { drive, air } = on("XV-1021");
    const size = drive.family.sizes.find((s) => s.id === drive.sizeId) as unknown as {
      pistonDiameterMm: number;
      pinionPitchRadiusMm: number;
    };
    const travel = (size.pinionPitchRadiusMm * Math.PI) / 2;
    const litres = (2 * (Math.PI / 4) * size.pistonDiameterMm ** 2 * travel) / 1e6;
    expect(air!.sweptL).toBeCloseTo(litres, 6);
  });
  it("is faster with a quick exhaust where springs close it, and with a booster both ways", () => {
    const { air, way } = on("XV-1044");
    const [plain, quick, boosted] = executionNames.map((name) => ({
      closing: air!.longest("closing", way(name))!,
      opening: air!.longest("opening", way(name))!,
    }));
    expect(quick!.closing).toBeLessThan(plain!.closing);
    expect(boosted!.closing).toBeLessThan(quick!.closing);
    expect(quick!.opening).toBe(plain!.opening);
    expect(boosted!.opening).toBeLessThan(plain!.opening);
  });
  it("uses items of the shelf, and a quick exhaust or booster where plain tube is too slow", () => {
    const duty = settle(demoDuty("XV-1044"), house);
    const { drive, demand } = demoProof("XV-1044").candidates[0]!;
    const ledWithin = (closesWithinS: number | null) => {
      const asked = settle({ ...duty.stated, closesWithinS }, house);
      const fittings = fittingsOf(demoShelf.accessories, { duty: asked, house })(drive);
      return onAir(drive!, demand, asked, house, fittings)!;
    };
    const free = ledWithin(null);
    expect(new Set(free.ways.map(({ name }) => name))).toEqual(new Set(executionNames));
    const fastest = (name: ExecutionName) =>
      Math.min(...free.ways.filter((way) => way.name === name).map((way) => free.longest("closing", way)!));
    const [plain, quick, boosted] = executionNames.map(fastest);
    expect(quick!).toBeLessThan(plain!);
    expect(ledWithin((quick! + plain!) / 2).led().name).not.toBe("solenoid valve and tube");
    expect(Math.min(quick!, boosted!)).toBeGreaterThan(0);
  });
  it("opens no slower with more air, and consumes more of it", () => {
    const [less, more] = [5.5, 6.5].map((barG) => {
      const { air, way } = on("XV-1021", { airMinimumBarG: barG, airMaximumBarG: barG });
      return { seconds: air!.longest("opening", way("solenoid valve and tube"))!, litres: air!.perCycleL };
    });
    expect(more!.seconds).toBeLessThan(less!.seconds);
    expect(more!.litres).toBeGreaterThan(less!.litres);
  });
  it("is never faster at its slowest than at its fastest, which depends on no demand", () => {
    for (const number of ["XV-1021", "XV-1044", "XV-2030", "XV-3052"]) {
      const { air, way } = on(number);
      for (const name of executionNames)
        for (const stroke of ["opening", "closing"] as const) {
          const [slow, fast] = [air!.longest(stroke, way(name)), air!.shortest(stroke, way(name))];
          expect(fast, `${number} ${stroke} ${name}`).not.toBeNull();
          if (slow !== null) expect(fast!).toBeLessThan(slow);
        }
    }
  });
  it("waits where the demand of one case is not known", () => {
    const { drive, demand } = demoProof("XV-1021").candidates[0]!;
    const unknown = { ...demand, unknown: { caseName: "x", why: "beyond table" as const } };
    expect(onAir(drive!, unknown, settle(demoDuty("XV-1021"), house), house)).toBeNull();
  });
  it("does not apply to a motor", () => {
    const { drive, demand } = demoProof("XV-6001").candidates[0]!;
    expect(onAir(drive!, demand, settle(demoDuty("XV-6001"), house), house)).toBeNull();
  });
});

describe("solenoid valves", () => {
  const solenoidsOf = (arrangement: Parameters<typeof solenoids>[0]) =>
    solenoids(arrangement, { unseenPerHour: 4e-7, tripPerHour: 9e-7, commonCause: 0.05, repairH: 24 }, 8760);
  it("are safest as one out of two, and trip most", () => {
    expect(solenoidsOf("1oo2").failsOnDemand).toBeLessThan(solenoidsOf("2oo3").failsOnDemand);
    expect(solenoidsOf("2oo3").failsOnDemand).toBeLessThan(solenoidsOf("single").failsOnDemand);
    expect(solenoidsOf("single").failsOnDemand).toBeLessThan(solenoidsOf("2oo2").failsOnDemand);
    expect(solenoidsOf("1oo2").tripsPerYear).toBeGreaterThan(solenoidsOf("single").tripsPerYear);
    expect(solenoidsOf("2oo3").tripsPerYear).toBeLessThan(solenoidsOf("single").tripsPerYear / 10);
    expect(solenoidsOf("2oo2").tripsPerYear).toBeLessThan(solenoidsOf("2oo3").tripsPerYear);
  });
});

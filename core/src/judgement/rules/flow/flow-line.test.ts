import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules, type HouseRules } from "../../../basis/house/house-rules.ts";
import { settle } from "../../../duty/settling/settle.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import { streamOf } from "../../../duty/stream/stream.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { inherentOf } from "../../../equipment/trims/characteristic.ts";
import { type TrimInBody, trimsOf } from "../../../equipment/trims/trim.ts";
import { fillingS } from "../../../mechanics/flow/filling.ts";
import { installedShare, systemOf } from "../../../mechanics/flow/installed.ts";
import { jetMS } from "../../../mechanics/flow/jet.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";

const house = defaultHouseRules();
const segments = demoShelf.valvesFor(100).filter((v) => v.construction.flows === "segment");
const segment = segments[0]!;
const ball = shelfWith().valvesFor(50)[0]!;
type Case = Partial<Duty["cases"][number]>;
const water = (cases: Case[], change: Parameters<typeof dutyWith>[0] = {}) =>
  dutyWith({
    dn: 100,
    function: ["throttling"],
    pipeBoreMm: 100,
    fluid: { densityKgM3: 1000, viscosityMPaS: 1, vapourPressureBarA: 0.02, phase: "liquid" },
    ...change,
    cases: cases.map((c) => ({ phase: "liquid", temperatureC: 20, ...c })),
  });
interface Found {
  readonly verdict: string;
  readonly value: number;
  readonly missing: string;
  readonly uses: readonly { readonly what: string; readonly value: unknown }[];
}
const found = (
  rule: string,
  duty: Duty,
  valve = segment,
  drive: Drive | null = null,
  change: Partial<HouseRules> = {},
) => findingOf(`flow/${rule}`, duty, valve, drive, { ...house, ...change }) as unknown as Found;
const verdict = (...args: Parameters<typeof found>) => found(...args).verdict;

describe("the stated line", () => {
  const two = [
    { rate: 60, upstreamBarG: 5, downstreamBarG: 2 },
    { rate: 30, upstreamBarG: 5.6, downstreamBarG: 1.5 },
  ];
  const system = (change: Parameters<typeof dutyWith>[0], cases = two) =>
    systemOf(flowOf(segment, settle(water(cases, change), house), house))!;
  it("is the pump's before the valve, and static head with friction behind it", () => {
    const systemCurve = system({ pumpCurve: "0 6; 60 5; 90 3", staticBarG: 1 });
    expect(systemCurve.upstreamBarA(0.5) - 1.01325).toBeCloseTo(5.5, 9);
    expect(systemCurve.upstreamBarA(1.25) - 1.01325).toBeCloseTo(4, 9);
    expect(systemCurve.upstreamBarA(2) - 1.01325).toBeCloseTo(1, 9);
    expect(systemCurve.downstreamBarA(0) - 1.01325).toBeCloseTo(1, 9);
    expect(systemCurve.downstreamBarA(0.5) - 1.01325).toBeCloseTo(1.25, 9);
    expect(systemCurve.authority).toBeCloseTo(3 / 5, 9);
    expect(systemCurve.known).toBe(true);
  });
  it("makes one case a line", () => {
    expect(system({}, [two[0]!]).known).toBe(false);
    expect(system({ staticBarG: 1 }, [two[0]!]).known).toBe(true);
  });
  it("meets the valve at one flow: the installed flow at the case's opening is the case's", () => {
    const duty = settle(water(two, { pumpCurve: "0 6; 60 5; 90 3", staticBarG: 1 }), house);
    const flow = flowOf(segment, duty, house);
    const { openingPercent } = flow.cases[0]!.standing;
    expect(installedShare(flow.trim, openingPercent, systemOf(flow)!, flow.pipes)).toBeCloseTo(1, 6);
  });
  it("agrees with its cases, within the house rule's share", () => {
    const dutyAt = (barG: number) =>
      water([{ rate: 60, upstreamBarG: barG, downstreamBarG: 2 }], { pumpCurve: "0 6; 60 5" });
    // 6.01325 bar a of the pump.
    expect([verdict("line-agrees", dutyAt(5.31)), verdict("line-agrees", dutyAt(5.33))]).toEqual([
      "holds",
      "tight",
    ]);
    // Half of it by mass is half of it by volume, in any unit.
    const mixed: Case[] = [
      two[0]!,
      { rate: 30_000, rateBasis: "kg/h", upstreamBarG: 5.5, downstreamBarG: 1.5 },
    ];
    expect(verdict("line-agrees", water(mixed, { pumpCurve: "0 6; 60 5" }))).toBe("holds");
    expect(verdict("line-agrees", water(two, { staticBarG: 2.1 }))).toBe("tight");
    expect(verdict("line-agrees", water(two, { staticBarG: 1.5 }))).toBe("holds");
    const trips = [two[0]!, { kind: "upset" as const, rate: 10, upstreamBarG: 1, downstreamBarG: 0.5 }];
    expect(verdict("line-agrees", water(trips, { pumpCurve: "0 6; 60 5" }))).toBe("holds");
  });
});

describe("a characteristic asked for", () => {
  const asking = (characteristic: Duty["characteristic"]) =>
    water([{ rate: 40, upstreamBarG: 5, downstreamBarG: 3 }], { characteristic });
  it("is met by a trim that has it, and by no other", () => {
    expect(verdict("characteristic", asking("equal percentage"))).toBe("holds");
    expect(verdict("characteristic", asking("quick opening"))).toBe("fails");
    expect(verdict("characteristic", asking(null))).toBe("not asked");
  });
  it("separates the three at half travel", () => {
    const characteristicAt = (share: number) =>
      inherentOf({
        kv: 100,
        characteristic: {
          type: "points",
          points: [
            { openingPercent: 50, kv: 100 * share },
            { openingPercent: 100, kv: 100 },
          ],
        },
        trim: { curve: [{ openingPercent: 50 }, { openingPercent: 100 }] },
      } as unknown as TrimInBody).name;
    expect([0.14, 0.319, 0.321, 0.5, 0.619, 0.621].map(characteristicAt)).toEqual([
      "equal percentage",
      "equal percentage",
      "linear",
      "linear",
      "linear",
      "quick opening",
    ]);
  });
  it("decides before other criteria when a trim is picked", () => {
    const kinds = new Set(
      trimsOf(segment.line.flowTrims, segment.construction, segment.size).map((t) => inherentOf(t).name),
    );
    for (const name of kinds) expect(verdict("characteristic", asking(name)), name).toBe("holds");
  });
});

describe("resolution of flow", () => {
  const duty = demoDuty("FV-5010");
  const [air] = demoShelf.families.filter((f) => f.supply === "pneumatic");
  const drives = [...air!.drives].sort((a, b) => a.price - b.price);
  const step = (drive: Drive | null, change: Partial<HouseRules> = {}) =>
    found("dead-band", duty, segment, drive, change);
  const [weak, strong] = [drives[0]!, drives.at(-1)!];
  it("is finer with a stronger actuator and a better positioner, and not asked without an actuator", () => {
    expect(step(strong).value).toBeLessThan(step(weak).value);
    expect(step(weak, { positionerGain: 200 }).value).toBeLessThan(step(weak).value);
    expect(step(null).verdict).toBe("not asked");
  });
  it("is tight above the house rule", () => {
    const { value } = step(weak);
    expect(step(weak, { flowStepPercent: value * 1.001 }).verdict).toBe("holds");
    expect(step(weak, { flowStepPercent: value * 0.999 }).verdict).toBe("tight");
  });
  it("waits where the torque of a case is not known", () => {
    const far = {
      ...duty,
      cases: [...duty.cases, { ...duty.cases[0]!, id: "x", upstreamBarG: 900, rate: 0 }],
    };
    expect(found("dead-band", far, segment, weak).missing).toMatch(/torque demand/);
  });
  it("of a motor is its own, without friction", () => {
    const motor = demoShelf.families.find((f) => f.supply === "electric")!.drives[0]!;
    const found = step(motor, { assumedStepPercent: 0.5 });
    expect(found.uses.some(({ what }) => /friction/.test(what))).toBe(false);
    expect(step(motor, { assumedStepPercent: 1 }).value / found.value).toBeGreaterThan(1.8);
  });
});

describe("two phases", () => {
  const wet = (rate: number, vapourPercent: number | null = 40) =>
    dutyWith({
      dn: 100,
      function: ["throttling"],
      pipeBoreMm: 100,
      fluid: { substance: null, family: "steam", phase: "two-phase" },
      cases: [
        {
          phase: "two-phase",
          temperatureC: 180,
          upstreamBarG: 9,
          downstreamBarG: 6,
          rate,
          rateBasis: "kg/h",
          vapourPercent,
        },
      ],
    });
  it("are never better than an estimate, and fail where they wear the pipe", () => {
    const { value } = found("two-phase", wet(1000));
    const limit = (found("two-phase", wet(1000)) as unknown as { limit: number }).limit;
    const border = (1000 * limit) / value;
    expect(verdict("two-phase", wet(border * 0.999))).toBe("tight");
    expect(verdict("two-phase", wet(border * 1.001))).toBe("fails");
    expect(found("two-phase", wet(1000, null)).missing).toMatch(/vapour fraction/);
  });
  it("leave liquid and gas rules not asked", () => {
    expect(verdict("choking", wet(1000))).toBe("not asked");
    expect(verdict("outlet-mach", wet(1000))).toBe("not asked");
    expect(verdict("opening", wet(4000))).not.toBe("cannot tell");
  });
});

const ownTrim = demoShelf
  .valvesFor(50)
  .find((v) => v.construction.closure === "ball")!
  .line.flowTrims.find(({ sizes }) => sizes.some(({ dn }) => dn === 50))!;

describe("filling and blowing down", () => {
  const nitrogen = (operatingCase: Case, change: Parameters<typeof dutyWith>[0] = {}) =>
    dutyWith({
      fluid: { substance: "nitrogen", family: "air and inert gas", phase: "gas", compressibility: 1 },
      heldVolumeM3: 10,
      pipeBoreMm: 50,
      ...change,
      cases: [{ phase: "gas", temperatureC: 20, upstreamBarG: 20, downstreamBarG: 0, ...operatingCase }],
    });
  const time = (operatingCase: Case = {}, change: Parameters<typeof dutyWith>[0] = {}) =>
    found("filling", nitrogen(operatingCase, change), ball).value;
  it("is proportional to the volume, and takes longer from a higher pressure", () => {
    expect(time({}, { heldVolumeM3: 20 }) / time()).toBeCloseTo(2, 9);
    expect(time({ upstreamBarG: 40, kind: "blow-down" })).toBeGreaterThan(time({ kind: "blow-down" }));
  });
  it("follows an exponential when choked: V·ρ/ṁ of the volume's own state is constant", () => {
    const duty = settle(nitrogen({ upstreamBarG: 80, kind: "blow-down" }), house);
    const { trim, pipes } = flowOf(ball, duty, house);
    const empties = (upstreamBarG: number) => {
      const c = { ...duty.cases[0]!, upstreamBarG };
      const entered = { ...duty.stated.cases[0]!, upstreamBarG, rate: 1, rateBasis: "kg/h" as const };
      return fillingS(trim, streamOf(c, entered, duty, house, true).stream!, pipes, 10, true)!;
    };
    const perE = (from: number, to: number) =>
      (empties(from) - empties(to)) / Math.log((from + 1.01325) / (to + 1.01325));
    expect(perE(80, 40) / perE(40, 20)).toBeCloseTo(1, 2);
  });
  it("is compared with the time asked for", () => {
    const t = time();
    // The fixture's ball has typical coefficients only: within the time is no proof.
    expect(verdict("filling", nitrogen({}, { fillsWithinS: t * 3 }), ball)).toBe("tight");
    const stated = { ...ball, line: { ...ball.line, flowTrims: [ownTrim] }, size: { ...ball.size } };
    const own = found("filling", nitrogen({}), stated).value;
    const asked = (times: number) => verdict("filling", nitrogen({}, { fillsWithinS: own * times }), stated);
    expect([asked(0.999), asked(1.001), asked(1.999), asked(2.001)]).toEqual([
      "fails",
      "tight",
      "tight",
      "holds",
    ]);
    const bare = verdict("filling", nitrogen({}, { fillsWithinS: own * 1.001 }), stated, null, {
      fillingMarginPercent: 0,
    });
    expect(bare).toBe("holds");
    expect(verdict("filling", nitrogen({}, { fillsWithinS: t * 0.999 }), ball)).toBe("fails");
    expect(verdict("filling", nitrogen({}), ball)).toBe("holds");
    expect(found("filling", nitrogen({ temperatureC: null }), ball).missing).toMatch(/temperature/);
  });
  it("of a liquid is the volume over the flow", () => {
    const duty = nitrogen({ phase: "liquid" }, { fluid: { ...water([]).fluid } });
    const flowing = settle(duty, house);
    const { trim } = flowOf(ball, flowing, house);
    const kv = trim.kv;
    const chokes = trim.trim.curve.at(-1)!.fl ** 2 * (21.01325 - 0.96 * 0.02);
    const m3h = kv * Math.sqrt(Math.min(20, chokes) / (1000 / 999.10329));
    expect(found("filling", duty, ball).value / ((10 / m3h) * 3600)).toBeCloseTo(1, 2);
  });
});

describe("a valve cracked open", () => {
  const jet = (operatingCase: Case, change: Parameters<typeof dutyWith>[0] = {}) =>
    dutyWith({
      fluid: { densityKgM3: 1000, viscosityMPaS: 1, vapourPressureBarA: 0.02, phase: "liquid" },
      ...change,
      cases: [{ phase: "liquid", temperatureC: 20, downstreamBarG: 0, ...operatingCase }],
    });
  const soft = demoShelf.valvesFor(50).find((v) => v.seat.material.kind === "polymer")!;
  const hard = demoShelf.valvesFor(50).find((v) => v.seat.material.kind === "metal")!;
  it("puts the whole differential into the jet", () => {
    // 100 m/s is 50 bar of water.
    expect(found("cracked-jet", jet({ upstreamBarG: 50 }), soft).value).toBeCloseTo(100, 1);
    expect(verdict("cracked-jet", jet({ upstreamBarG: 49.9 }), soft)).toBe("holds");
    expect(verdict("cracked-jet", jet({ upstreamBarG: 50.1 }), soft)).toBe("tight");
    expect(verdict("cracked-jet", jet({ upstreamBarG: 90 }), hard)).toBe("holds");
  });
  it("of a gas is limited by sound velocity, and cuts where it carries solids", () => {
    const gas = (solidsPercent: number) =>
      jet(
        { upstreamBarG: 60, phase: "gas" },
        { fluid: { substance: "nitrogen", family: "air and inert gas", phase: "gas", solidsPercent } },
      );
    const duty = settle(gas(0), house);
    const entered = { ...duty.stated.cases[0]!, rate: 1, rateBasis: "kg/h" as const };
    const stream = streamOf(duty.cases[0]!, entered, duty, house, true).stream!;
    expect(jetMS(stream)).toBeLessThan(stream.soundMS);
    expect(jetMS(stream) / (stream.soundMS * Math.sqrt(2 / 2.4))).toBeCloseTo(1, 6);
    expect(verdict("cracked-jet", gas(0), soft)).toBe("holds");
    expect(verdict("cracked-jet", gas(0.1), soft)).toBe("tight");
  });
});

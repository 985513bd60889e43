import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { steadyTrim as trim } from "../../../../test/flow-trim.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules, type HouseRules } from "../../../basis/house/house-rules.ts";
import { seatMaterial } from "../../../basis/reference/seats.ts";
import { settle } from "../../../duty/settling/settle.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { FlowTrim } from "../../../equipment/trims/schema.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";

const house = defaultHouseRules();
const plain = shelfWith().valvesFor(50)[0]!;

const with_ = (...flowTrims: FlowTrim[]): Valve => ({
  ...plain,
  line: { ...plain.line, flowTrims },
  size: { ...plain.size },
});
const valve = with_(trim());
const faced = (of: Valve, coating: string | null): Valve => ({ ...of, trim: { ...of.trim, coating } });
const cobalt = "cobalt hardfacing";

type Case = Partial<Duty["cases"][number]>;
const water = { densityKgM3: 999.10329075702327, viscosityMPaS: 1, vapourPressureBarA: 0.02 } as const;
const liquid = (cases: Case[], change: Parameters<typeof dutyWith>[0] = {}) =>
  dutyWith({
    function: ["throttling"],
    pipeBoreMm: 50,
    ...change,
    fluid: { phase: "liquid", ...water, ...change.fluid },
    cases: cases.map((c) => ({ phase: "liquid", temperatureC: 20, ...c })),
  });
const air = (cases: Case[], change: Parameters<typeof dutyWith>[0] = {}) =>
  dutyWith({
    function: ["throttling"],
    pipeBoreMm: 52,
    ...change,
    fluid: { substance: "nitrogen", family: "air and inert gas", phase: "gas", ...change.fluid },
    cases: cases.map((c) => ({ phase: "gas", temperatureC: 20, rateBasis: "Nm³/h", ...c })),
  });
const dutyFor = (rate: number, upstreamBarG = 10, downstreamBarG = 9) =>
  liquid([{ rate, upstreamBarG, downstreamBarG }]);
interface Found {
  readonly verdict: string;
  readonly value: number;
  readonly missing: string;
  readonly uses: readonly { readonly what: string; readonly value: unknown }[];
}
const found = (rule: string, duty: Duty, onValve = valve, change: Partial<HouseRules> = {}) =>
  findingOf(`flow/${rule}`, duty, onValve, null, { ...house, ...change }) as unknown as Found;
const verdict = (...args: Parameters<typeof found>) => found(...args).verdict;
/** The flow at a verdict's border, on both sides of it. */
const either = (
  rule: string,
  duty: (x: number) => Duty,
  border: number,
  [inside, outside]: [string, string],
) => {
  expect([verdict(rule, duty(border * 0.999)), verdict(rule, duty(border * 1.001))]).toEqual([
    inside,
    outside,
  ]);
};
const flow = (duty: Duty, onValve = valve) => flowOf(onValve, settle(duty, house), house);

describe("capacity", () => {
  it("is the flow at the coefficient, up to fully open", () => {
    const maximum = flow(dutyFor(10)).cases[0]!.kvNeeded / 10;
    either("capacity", dutyFor, 50 / maximum, ["holds", "fails"]);
  });
  it("waits for a flow, a downstream pressure and a vapour pressure, and names the case", () => {
    expect(found("capacity", dutyFor(0)).missing).toMatch(/flow of a case/);
    expect(found("capacity", liquid([{ rate: 5, downstreamBarG: null }])).missing).toMatch(/downstream/);
    const blank = liquid([{ rate: 5, downstreamBarG: 5 }], {
      fluid: { substance: null, family: null, vapourPressureBarA: null },
    });
    expect(found("capacity", blank).missing).toMatch(/vapour pressure/);
  });
  it("waits for every case it is sized for, and for no other", () => {
    const and = (kind: Duty["cases"][number]["kind"]) =>
      liquid([
        { rate: 10, upstreamBarG: 10, downstreamBarG: 9 },
        { kind, rate: null, upstreamBarG: 12, downstreamBarG: 5 },
      ]);
    for (const kind of ["normal", "maximum", "minimum"] as const)
      expect(verdict("capacity", and(kind)), kind).toBe("cannot tell");
    for (const kind of ["shut-off differential", "steam-out", "cold soak", "upset"] as const)
      expect(verdict("capacity", and(kind)), kind).toBe("holds");
  });
  it("is zero without a pressure drop", () => {
    expect(verdict("capacity", dutyFor(5, 10, 10))).toBe("fails");
  });
});

describe("opening", () => {
  const dutyAt = (percent: number) => {
    const per = flow(dutyFor(10)).cases[0]!.kvNeeded / 10;
    return dutyFor((1 + 0.49 * percent) / per);
  };
  it("is limited by the house rules", () => {
    either("opening", dutyAt, 80, ["holds", "tight"]);
    expect([verdict("opening", dutyAt(19.9)), verdict("opening", dutyAt(20.1))]).toEqual(["tight", "holds"]);
    expect([verdict("opening", dutyAt(-0.1)), verdict("opening", dutyAt(100.5))]).toEqual(["fails", "fails"]);
  });
  it("reports oversizing where the largest case opens it little", () => {
    expect([verdict("oversized", dutyAt(49.9)), verdict("oversized", dutyAt(50.1))]).toEqual([
      "tight",
      "holds",
    ]);
  });
  it("has a range from its smallest to its largest case", () => {
    const range = (times: number) =>
      liquid([1, times].map((rate) => ({ rate, upstreamBarG: 10, downstreamBarG: 9 })));
    const wide = with_(trim({ rangeability: 10 }));
    expect(found("rangeability", range(7.9), wide).verdict).toBe("holds");
    expect(found("rangeability", range(8.1), wide).verdict).toBe("tight");
    expect(found("rangeability", range(10.1), wide).verdict).toBe("fails");
    expect(verdict("rangeability", dutyFor(1), wide)).toBe("not asked");
  });
});

describe("a liquid that boils", () => {
  // F_L² of 0.64 of 11.01 bar a down to 0.02 bar a.
  const drop = (ratio: number) => dutyFor(5, 10, 10 - ratio * (11.01325 - 0.02));
  it("chokes at F_L², which an anti-cavitation trim withstands", () => {
    expect([verdict("choking", drop(0.639)), verdict("choking", drop(0.641))]).toEqual(["holds", "fails"]);
    const stepped = with_(trim({ kind: "cavitation trim" }));
    expect(verdict("choking", drop(0.641), stepped)).toBe("tight");
  });
  it("is audible from x_Fz at its pressure, and wears soft trims from 0.8·F_L²", () => {
    const heard = 0.4 * (6 / 11.01325) ** 0.125;
    either("cavitation", drop, heard, ["holds", "tight"]);
    either("cavitation", drop, 0.512, ["tight", "fails"]);
    expect(verdict("cavitation", drop(0.53), faced(valve, cobalt))).toBe("tight");
  });
  it("leaves a solid seat ring intact, wears a lip seal, and tears a soft seat", () => {
    const seated = (seat: string, execution: Valve["seat"]["offer"]["execution"]): Valve => ({
      ...valve,
      // Its torque table stays unchanged.
      seat: {
        ...valve.seat,
        offer: { ...valve.seat.offer, execution },
        material: { ...seatMaterial(seat)!, id: "ptfe" },
      },
    });
    const verdictAt = (ratio: number, valve: Valve) => verdict("seat-cavitation", drop(ratio), valve);
    const [soft, lip] = [seated("ptfe", "soft ring"), seated("metal-stellite", "flexed metal lip")];
    expect([verdictAt(0.511, soft), verdictAt(0.513, soft)]).toEqual(["holds", "fails"]);
    expect([verdictAt(0.511, lip), verdictAt(0.513, lip), verdictAt(0.641, lip)]).toEqual([
      "holds",
      "tight",
      "fails",
    ]);
    expect(verdictAt(0.641, seated("metal-crc", "solid metal ring"))).toBe("holds");
    expect(verdictAt(0.641, seated("metal-crc", null))).toBe("cannot tell");
    expect(verdictAt(0.641, seated("ptfe", null))).toBe("fails");
  });
  it("flashes where it leaves at its vapour pressure", () => {
    const boiling = (barA: number) =>
      liquid([{ rate: 5, upstreamBarG: 10, downstreamBarG: 2 }], {
        fluid: { substance: null, vapourPressureBarA: barA },
      });
    expect(verdict("flashing", boiling(3.01))).toBe("holds");
    expect(verdict("flashing", boiling(3.02))).toBe("fails");
    expect(verdict("flashing", boiling(3.02), faced(valve, cobalt))).toBe("tight");
  });
});

describe("velocity", () => {
  const area = (Math.PI / 4) * 0.05 ** 2 * 3600;
  const wide = with_(trim({ sizes: [{ dn: 50, designation: null, kv: 500, passageMm: 12, price: 0 }] }));
  it("of a liquid in the outlet has its limit", () => {
    expect(verdict("liquid-velocity", dutyFor(area * 9.99), wide)).toBe("holds");
    expect(verdict("liquid-velocity", dutyFor(area * 10.01), wide)).toBe("fails");
    const open = (rate: number) => liquid([{ rate, upstreamBarG: 10 }], { function: ["on-off isolation"] });
    expect(verdict("liquid-velocity", open(area * 4.99), wide)).toBe("holds");
    expect(verdict("liquid-velocity", open(area * 5.01), wide)).toBe("tight");
  });
  it("in the pipe behind has the design limit of lines", () => {
    const pipe = (Math.PI / 4) * 0.06 ** 2 * 3600;
    const inPipe = (velocity: number) =>
      liquid([{ rate: pipe * velocity, upstreamBarG: 10, downstreamBarG: 9 }], { pipeBoreMm: 60 });
    expect(verdict("pipe-velocity", inPipe(4.99), wide)).toBe("holds");
    expect(verdict("pipe-velocity", inPipe(5.01), wide)).toBe("tight");
  });
  it("with solids is lower; both faces hard allow more, soft solids all", () => {
    const dirty = (velocity: number, solidsHard: boolean | null = null) =>
      liquid([{ rate: area * velocity, upstreamBarG: 10, downstreamBarG: 9 }], {
        fluid: { solidsPercent: 1, solidsHard },
      });
    expect([
      verdict("solids-velocity", dirty(3.99), wide),
      verdict("solids-velocity", dirty(4.01), wide),
    ]).toEqual(["holds", "fails"]);
    const coated = faced(wide, cobalt);
    const hard = {
      ...coated,
      seat: { ...wide.seat, material: { ...wide.seat.material, abrasionResistance: 3 } },
    };
    expect(verdict("solids-velocity", dirty(4.01), coated)).toBe("fails");
    expect(verdict("solids-velocity", dirty(4.01), { ...hard, trim: wide.trim })).toBe("fails");
    expect(verdict("solids-velocity", dirty(3.99), hard)).toBe("holds");
    expect(verdict("solids-velocity", dirty(4.01), hard)).toBe("tight");
    expect(verdict("solids-velocity", dirty(7.99), hard)).toBe("tight");
    expect(verdict("solids-velocity", dirty(8.01), hard)).toBe("fails");
    expect(verdict("solids-velocity", dirty(4.01, false), wide)).toBe("not asked");
  });
  it("of a gas is limited by Mach number when throttling, and in m/s when open", () => {
    const mach = (rate: number) => air([{ rate, upstreamBarG: 10, downstreamBarG: 2 }]);
    const machFound = found("outlet-mach", mach(1000)).value;
    either("outlet-mach", mach, (0.3 / machFound) * 1000, ["holds", "fails"]);
    const open = (rate: number) => air([{ rate, upstreamBarG: 10 }], { function: ["on-off isolation"] });
    const slow = found("gas-velocity", open(1000), wide).value;
    expect(verdict("gas-velocity", open((39.5 / slow) * 1000), wide)).toBe("holds");
    expect(verdict("gas-velocity", open((40.6 / slow) * 1000), wide)).toBe("tight");
  });
});

describe("noise", () => {
  it("is close within the method's uncertainty, and fails above", () => {
    const loud = air([{ rate: 900, upstreamBarG: 10, downstreamBarG: 4 }]);
    const level = found("noise", loud).value;
    const limited = (db: number) => verdict("noise", loud, valve, { noiseLimitDbA: level + db });
    expect([limited(-0.01), limited(0.01), limited(4.99), limited(5.01)]).toEqual([
      "fails",
      "tight",
      "tight",
      "holds",
    ]);
  });
  it("is lower behind insulation", () => {
    const noiseWith = (laggingMm: number | null) =>
      found("noise", air([{ rate: 900, upstreamBarG: 10, downstreamBarG: 4 }], { laggingMm })).value;
    expect(noiseWith(null) - noiseWith(50)).toBeCloseTo(house.laggingQuietsDb, 9);
  });
});

describe("gain", () => {
  it("compares the cases of one line", () => {
    const line = liquid([
      { rate: 30, upstreamBarG: 10, downstreamBarG: 9 },
      { rate: 10, upstreamBarG: 12, downstreamBarG: 5 },
    ]);
    const ratio = found("gain", line).value;
    expect(ratio).toBeGreaterThan(1);
    expect(verdict("gain", line, valve, { gainRatio: ratio * 1.001 })).toBe("holds");
    expect(verdict("gain", line, valve, { gainRatio: ratio * 0.999 })).toBe("tight");
  });
  it("is not compared where pressures rise with the flow", () => {
    const apart = liquid([
      { rate: 30, upstreamBarG: 12, downstreamBarG: 5 },
      { rate: 10, upstreamBarG: 10, downstreamBarG: 9 },
    ]);
    expect(verdict("gain", apart)).toBe("not asked");
  });
});

describe("trim data", () => {
  it("must come from the maker where it throttles", () => {
    expect(verdict("trim-stated", dutyFor(10))).toBe("holds");
    expect(verdict("trim-stated", dutyFor(10), plain)).toBe("cannot tell");
  });
  it("clogs where its passages are narrow, and waits for their width", () => {
    const way = (passageMm: number | null) =>
      with_(trim({ sizes: [{ dn: 50, designation: null, kv: 50, passageMm, price: 0 }] }));
    const dirty = liquid([{ rate: 10, upstreamBarG: 10, downstreamBarG: 9 }], { fluid: { fibres: true } });
    expect(verdict("passage", dirty, way(house.dirtPassageMm))).toBe("holds");
    expect(verdict("passage", dirty, way(house.dirtPassageMm - 0.1))).toBe("tight");
    expect(verdict("passage", dirty, way(null))).toBe("cannot tell");
    expect(verdict("passage", dirty, plain)).toBe("not asked");
  });
  it("throttles in one direction unless the maker states both", () => {
    const back = liquid([{ rate: 10, flow: "reverse", upstreamBarG: 9, downstreamBarG: 10 }]);
    expect(verdict("reverse", back)).toBe("tight");
    expect(verdict("reverse", back, with_(trim({ bothWays: true })))).toBe("not asked");
    expect(verdict("reverse", dutyFor(10))).toBe("not asked");
  });
});

describe("an open valve", () => {
  const open = (rate: number) => liquid([{ rate, upstreamBarG: 10 }], { function: ["on-off isolation"] });
  it("has a small pressure drop, which is reported", () => {
    const inside = found("open-drop", open(10));
    // The drop is proportional to the square of the flow.
    const maximum = 10 * Math.sqrt(house.openDropBar / inside.value);
    either("open-drop", open, maximum, ["holds", "tight"]);
    expect(inside.uses.find((u) => /cost/.test(u.what))!.value).toBeGreaterThan(0);
    expect(verdict("open-drop", open(1e4))).toBe("fails");
  });
  it("does not need an unknown boiling point, while its drop is small", () => {
    const blank = (rate: number) =>
      liquid([{ rate, upstreamBarG: 10 }], {
        function: ["on-off isolation"],
        fluid: { substance: null, family: null, vapourPressureBarA: null },
      });
    expect(verdict("flashing", blank(10))).toBe("not asked");
    expect(verdict("flashing", blank(80))).toBe("cannot tell");
  });
});

describe("a gas that expands", () => {
  const carbonDioxide = (downstreamBarG: number, kind: Duty["cases"][number]["kind"] = "blow-down") =>
    dutyWith({
      fluid: { substance: "carbon-dioxide", family: "carbon dioxide dense phase", phase: "gas" },
      cases: [{ kind, phase: "gas", upstreamBarG: 40, downstreamBarG, temperatureC: 20 }],
    });
  it("cools by the Joule–Thomson effect, and the body must be tough at that temperature", () => {
    const findingAt = (bar: number) => found("expansion-cold", carbonDioxide(bar));
    expect(findingAt(38).verdict).toBe("holds");
    expect(findingAt(0).verdict).toBe("fails");
    expect(findingAt(0).value).toBeLessThan(findingAt(20).value);
  });
  it("is cold only while an isolating valve is cracked open", () => {
    expect(verdict("expansion-cold", carbonDioxide(0, "normal"))).toBe("tight");
    expect(verdict("expansion-cold", carbonDioxide(0, "shut-off differential"))).toBe("not asked");
  });
});

describe("the selected trim", () => {
  const sized = (kv: number, change: Partial<FlowTrim> = {}) =>
    trim({ id: `t${kv}`, sizes: [{ dn: 50, designation: null, kv, passageMm: 12, price: 0 }], ...change });
  it("is the smallest that keeps every case in range, and the widest for an open valve", () => {
    const several = with_(sized(10), sized(20), sized(40));
    expect(flow(dutyFor(12), several).trim.kv).toBe(20);
    expect(flow(dutyFor(25), several).trim.kv).toBe(40);
    expect(
      flow(liquid([{ rate: 12, upstreamBarG: 10 }], { function: ["on-off isolation"] }), several).trim.kv,
    ).toBe(40);
  });
  it("is one made in the material of the closing member", () => {
    const stepped = sized(20, { madeIn: ["coated"] });
    const both = with_(sized(21), stepped);
    const inMaterial = (id: string) => ({ ...both, trim: { ...both.trim, id } });
    expect(flow(dutyFor(12), inMaterial("bare")).trim.kv).toBe(21);
    expect(flow(dutyFor(12), inMaterial("coated")).trim.kv).toBe(20);
    const only = with_(stepped);
    expect(flow(dutyFor(12), { ...only, trim: { ...only.trim, id: "bare" } }).trim.typical).toBe(true);
  });
});

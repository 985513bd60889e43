import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { steadyTrim } from "../../../../test/flow-trim.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";

const base = shelfWith().valvesFor(50)[0]!;
const plain: Valve = {
  ...base,
  line: { ...base.line, flowTrims: [steadyTrim()] },
  size: { ...base.size },
};
const inMetal = (metal: string | null): Valve => ({ ...plain, grade: { ...plain.grade, metal } });
const faced = (coating: string | null, of = plain): Valve => ({ ...of, trim: { ...of.trim, coating } });
/** Its torque table stays that of its own seat. */
const seated = (change: Partial<Valve["seat"]["material"]>, of = plain): Valve => ({
  ...of,
  seat: { ...of.seat, material: { ...of.seat.material, ...change } },
});
const metalSeat = { kind: "metal", abrasionResistance: 4 } as const;

const boilingAt = (vapourPressureBarA: number, change: Partial<Duty> = {}, rate = 5): Duty =>
  dutyWith({
    function: ["throttling"],
    pipeBoreMm: 50,
    ...change,
    fluid: { phase: "liquid", densityKgM3: 999, viscosityMPaS: 1, vapourPressureBarA },
    cases: [{ phase: "liquid", temperatureC: 20, rate, upstreamBarG: 10, downstreamBarG: 2 }],
  });
const flashing = boilingAt(3.1);
const calm = boilingAt(0.02, {}, 5);
const open: Partial<Duty> = { function: ["on-off isolation"] };
const verdict = (rule: string, duty: Duty, valve: Valve) =>
  findingOf(`flow/${rule}`, duty, valve, null).verdict;

describe("a liquid that boils in the valve", () => {
  it("wears the body by its metal", () => {
    expect(verdict("body-boiling", calm, inMetal("carbon steel"))).toBe("fails");
    const slow = dutyWith({ ...calm, cases: [{ ...calm.cases[0]!, downstreamBarG: 9 }] });
    expect(verdict("body-boiling", slow, inMetal("carbon steel"))).toBe("holds");
    expect(verdict("body-boiling", flashing, inMetal("carbon steel"))).toBe("fails");
    expect(verdict("body-boiling", flashing, inMetal("austenitic 316"))).toBe("tight");
    expect(verdict("body-boiling", flashing, inMetal(null))).toBe("fails");
    const lined = { ...plain, construction: { ...plain.construction, bodyWetted: false } };
    expect(verdict("body-boiling", flashing, lined)).toBe("fails");
  });
  it("wears the pipe behind, which counts as carbon steel unless it is stated", () => {
    expect(verdict("pipe-boiling", flashing, plain)).toBe("tight");
    expect(verdict("pipe-boiling", boilingAt(3.1, { pipeMaterial: "carbon steel" }), plain)).toBe("tight");
    expect(verdict("pipe-boiling", boilingAt(3.1, { pipeMaterial: "austenitic 316" }), plain)).toBe("holds");
  });
  it("tears a soft seat when it flashes, as when it cavitates", () => {
    const soft = {
      ...plain,
      seat: { ...plain.seat, offer: { ...plain.seat.offer, execution: "soft ring" as const } },
    };
    expect(verdict("seat-cavitation", flashing, soft)).toBe("fails");
    const ring = seated(metalSeat);
    const solid = {
      ...ring,
      seat: { ...ring.seat, offer: { ...ring.seat.offer, execution: "solid metal ring" as const } },
    };
    expect(verdict("seat-cavitation", flashing, solid)).toBe("holds");
  });
  it("needs a closing member whose own coating is hard, whatever the flow trim is called", () => {
    expect(verdict("flashing", flashing, faced(null))).toBe("fails");
    expect(verdict("flashing", flashing, faced("electroless nickel on steel"))).toBe("fails");
    expect(verdict("flashing", flashing, faced("cobalt hardfacing"))).toBe("tight");
  });
  it("meets the open seat of an isolation valve while it turns", () => {
    const pouring = boilingAt(11, open, 80);
    expect(verdict("seat-cavitation", pouring, plain)).toBe("tight");
    expect(verdict("seat-cavitation", pouring, seated(metalSeat))).toBe("holds");
    expect(verdict("body-boiling", pouring, inMetal("carbon steel"))).toBe("tight");
  });
});

describe("a valve cracked open", () => {
  const shut = (vapourPressureBarA: number | null) =>
    dutyWith({
      ...open,
      fluid: {
        substance: null,
        family: "sweet hydrocarbon liquid",
        phase: "liquid",
        densityKgM3: 500,
        vapourPressureBarA,
      },
      cases: [{ phase: "liquid", temperatureC: 20, upstreamBarG: 10, downstreamBarG: 2 }],
    });
  it("is worn by a liquid that boils in the gap, at any velocity", () => {
    expect(verdict("cracked-jet", shut(0.9), plain)).toBe("holds");
    expect(verdict("cracked-jet", shut(1.1), plain)).toBe("tight");
    expect(verdict("cracked-jet", shut(null), plain)).toBe("tight");
    const unknown = dutyWith({ ...shut(null), fluid: { ...shut(null).fluid, densityKgM3: null } });
    expect(verdict("cracked-jet", unknown, plain)).toBe("tight");
  });
  it("is worn on a bare closing member behind a metal seat too", () => {
    expect(verdict("cracked-jet", shut(1.1), faced(null, seated(metalSeat)))).toBe("tight");
    expect(verdict("cracked-jet", shut(0.9), faced(null, seated(metalSeat)))).toBe("holds");
    expect(verdict("cracked-jet", shut(1.1), faced("cobalt hardfacing", seated(metalSeat)))).toBe("holds");
  });
});

describe("a valve that throttles close to its seat", () => {
  const close = (upstreamBarG: number, rate: number) =>
    dutyWith({
      function: ["throttling"],
      pipeBoreMm: 50,
      fluid: { phase: "liquid", densityKgM3: 999, viscosityMPaS: 1, vapourPressureBarA: 0.02 },
      cases: [{ phase: "liquid", temperatureC: 20, rate, upstreamBarG, downstreamBarG: 0 }],
    });
  it("is cut by a fast wet jet, hard faces more slowly", () => {
    expect(verdict("wire-drawing", close(49.9, 20), plain)).toBe("holds");
    expect(verdict("wire-drawing", close(50.1, 20), plain)).toBe("fails");
    expect(verdict("wire-drawing", close(50.1, 20), faced(null, seated(metalSeat)))).toBe("fails");
    expect(verdict("wire-drawing", close(50.1, 20), faced("cobalt hardfacing", seated(metalSeat)))).toBe(
      "tight",
    );
    expect(verdict("wire-drawing", close(50.1, 200), plain)).toBe("not asked");
  });
});

describe("hard solids between metal faces", () => {
  const abrasion = (solidsPercent: number, valve: Valve) =>
    findingOf("envelope/abrasion", dutyWith({ fluid: { solidsPercent, solidsHard: true } }), valve, null);
  it("cut the softer of the two", () => {
    expect(abrasion(60, faced("tungsten carbide coating", seated(metalSeat))).verdict).toBe("holds");
    const cobalt = faced("cobalt hardfacing", seated(metalSeat));
    expect([abrasion(15, cobalt).verdict, abrasion(15.1, cobalt).verdict]).toEqual(["holds", "fails"]);
    const bare = faced(null, seated(metalSeat));
    expect([abrasion(0.5, bare).verdict, abrasion(0.6, bare).verdict]).toEqual(["holds", "fails"]);
    expect(abrasion(0.6, bare).says).toMatch(/softer than the seat/);
  });
});

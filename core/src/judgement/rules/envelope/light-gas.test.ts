import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";

const plain = shelfWith().valvesFor(50)[0]!;
const metal = (offer: Partial<Valve["seat"]["offer"]>): Valve => ({
  ...plain,
  seat: {
    ...plain.seat,
    material: { ...plain.seat.material, kind: "metal" },
    offer: { ...plain.seat.offer, ...offer },
  },
});
const duty = (substance: string, family: string, upstreamBarG: number | null = 60) =>
  dutyWith({ fluid: { substance, family, phase: "gas" }, cases: [{ upstreamBarG, downstreamBarG: 0 }] });
const hydrogen = duty("hydrogen", "hydrogen");
const found = (valve: Valve, asked = hydrogen) =>
  findingOf("envelope/light-gas-seat", asked, valve, null) as unknown as Record<string, unknown>;

describe("hydrogen or helium through a seat", () => {
  it("is asked of metal seats", () => {
    expect(found(plain).verdict).toBe("not asked");
    expect(found(metal({ shutOff: "B" })).verdict).toBe("tight");
    expect(found(metal({ shutOff: "B" }), duty("nitrogen", "air and inert gas")).verdict).toBe("not asked");
  });
  it("is the permitted leakage of air times the ratio of the gas", () => {
    // ISO 5208 rate B: 0.3 mm³/s a DN of gas = 0.9 ml/min at DN 50; 184 times as much hydrogen at 60 bar.
    expect(Number(found(metal({ shutOff: "B" })).value)).toBeCloseTo(0.9 * 184.05, 0);
    expect(Number(found(metal({ shutOff: "A" })).value)).toBe(0);
    const helium = found(metal({ shutOff: "B" }), duty("helium", "air and inert gas"));
    expect(Number(helium.value)).toBeLessThan(Number(found(metal({ shutOff: "B" })).value));
  });
  it("has no figure of a class tested with water, and of a clearance", () => {
    expect(found(metal({ shutOff: "class V" }))).toMatchObject({ verdict: "tight", value: null });
    expect(found(metal({ shutOff: null, execution: "clearance" })).verdict).toBe("tight");
  });
  it("waits for a promise and a pressure", () => {
    expect(found(metal({ shutOff: null })).verdict).toBe("cannot tell");
    expect(found(metal({ shutOff: "B" }), duty("hydrogen", "hydrogen", null)).verdict).toBe("cannot tell");
  });
});

import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { dutySchema } from "../statement/duty.ts";
import { streamOf } from "../stream/stream.ts";
import { settle } from "./settle.ts";

const house = defaultHouseRules();
const gas = (composition: string | null, change: Parameters<typeof dutyWith>[0] = {}) =>
  dutyWith({
    fluid: { composition, substance: null, family: "sour hydrocarbon", phase: "gas", ...change.fluid },
    cases: [
      { upstreamBarG: 20, downstreamBarG: 5, temperatureC: 40, phase: "gas", rate: 1000, rateBasis: "Nm³/h" },
    ],
  });
const sour = "methane 90; H2S 6; CO2 4";

describe("a duty with a composition", () => {
  it("is computed with the mixture", () => {
    const duty = settle(gas(sour), house);
    const { stream } = streamOf(duty.cases[0]!, duty.stated.cases[0]!, duty, house, true);
    expect(stream).toMatchObject({ kind: "gas" });
    expect((stream as { molarMassKgKmol: number }).molarMassKgKmol).toBeCloseTo(
      0.9 * 16.043 + 0.06 * 34.08 + 0.04 * 44.01,
      1,
    );
    expect(stream!.figures.every(({ origin }) => origin === "estimate")).toBe(true);
  });
  it("derives unstated partial pressures at the highest pressure", () => {
    const { stated } = settle(gas(sour), house);
    expect(stated.fluid.h2sKPa).toBeCloseTo(0.06 * 21.01325 * 100, 6);
    expect(stated.fluid.carbonDioxideBarA).toBeCloseTo(0.04 * 21.01325, 6);
    expect(stated.fluid.hydrogenBarA).toBeNull();
    expect(settle(gas(sour, { fluid: { h2sKPa: 1 } }), house).stated.fluid.h2sKPa).toBe(1);
    expect(gas(sour).fluid.h2sKPa).toBeNull();
  });
  it("has the hazards of its components, and is judged in all their families", () => {
    const duty = settle(gas(sour), house);
    expect(duty.hazards).toContain("lethal");
    const aromatic = settle(gas("methane 90; benzene 10"), house);
    expect(aromatic.softFamilies).toContain("aromatics");
    expect(settle(gas(sour), house).softFamilies.join()).not.toMatch(/dense phase/);
    expect(aromatic.metalFamilies.length).toBeGreaterThan(1);
  });
  it("is refused where it is wrong, at its place", () => {
    const { error } = dutySchema.safeParse({ fluid: { composition: "methane 50; ethane 40" } });
    expect(error!.issues[0]).toMatchObject({
      path: ["fluid", "composition"],
      message: expect.stringMatching(/add up to 90 %/),
    });
  });
});

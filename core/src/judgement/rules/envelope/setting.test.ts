import { describe, expect, it } from "vitest";
import { dutyWith, findingOn } from "../../../../test/fixture.ts";
import type { Duty } from "../../../duty/statement/duty.ts";

const cold = (fluid: Partial<Duty["fluid"]>, ambientMinimumC = 5) =>
  dutyWith({
    ambientMinimumC,
    cases: [{ phase: "liquid", temperatureC: 10 }],
    fluid: { phase: "liquid", ...fluid },
  });
const verdict = (rule: string, fluid: Partial<Duty["fluid"]>, ambientMinimumC?: number) =>
  findingOn(rule, { duty: cold(fluid, ambientMinimumC) }).verdict;
const solution = { substance: null, family: "glycol", hazards: ["crystallises"] } as const;

describe("a fluid that sets", () => {
  it("does so below the stated temperature, which counts before the table", () => {
    expect(verdict("envelope/freezing", { freezingC: 10 })).toBe("holds");
    expect(verdict("envelope/freezing", { freezingC: 10.1 })).toBe("fails");
    expect(verdict("duty/idle-freezing", { freezingC: 5 })).toBe("holds");
    expect(verdict("duty/idle-freezing", { freezingC: 5.1 })).toBe("tight");
    expect(verdict("duty/idle-freezing", {}, -60)).toBe("tight");
    expect(verdict("duty/idle-freezing", { freezingC: -70 }, -60)).toBe("holds");
  });
  it("is not known where it crystallises at a temperature nobody states", () => {
    expect(verdict("envelope/freezing", { ...solution, hazards: [...solution.hazards] })).toBe("cannot tell");
    expect(verdict("envelope/freezing", { hazards: ["crystallises"] })).toBe("cannot tell");
    expect(verdict("duty/idle-freezing", { hazards: ["crystallises"] })).toBe("cannot tell");
    expect(verdict("duty/idle-freezing", { hazards: ["crystallises"], freezingC: 0 })).toBe("holds");
  });
  it("is known of a substance listed with its crystallisation", () => {
    const caustic = { family: "caustic", substance: "caustic-50", hazards: ["crystallises" as const] };
    expect(verdict("envelope/freezing", caustic)).toBe("fails");
  });
});

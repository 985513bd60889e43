import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boltingProofMPa, screwThread } from "../../basis/calc/screw.ts";
import { leastJointLoadN } from "../../equipment/catalogue/joints.ts";
import { tighteningFound } from "./found-bolting.ts";

const toFind = { innerMm: 150, ratedBarG: 100, friction: 0.12, utilisationPercent: 70 };
const on = (thread: string, grade: string, bolts: number) =>
  tighteningFound(toFind, { thread, grade, bolts });

describe("bolting as found", () => {
  it("is given a torque where it carries the shell test", () => {
    const { figures, cautions, fault } = on("M24", "B7", 8);
    expect(fault).toBeNull();
    expect(figures.map(({ unit }) => unit)).toEqual(["N·m", "kN", "kN"]);
    // π/4 · 150² · 15 MPa over eight studs.
    expect(figures[1]!.value).toBeCloseTo(((Math.PI / 4) * 150 ** 2 * 15) / 8 / 1000, 6);
    expect(cautions.join()).toMatch(/gasket is not stated/);
  });
  it("is given no torque where it does not", () => {
    const { figures, cautions } = on("M10", "B8 cl.1", 4);
    expect(figures.some(({ unit }) => unit === "N·m")).toBe(false);
    expect(cautions.join()).toMatch(/do not carry the shell test/);
  });
  it.each([
    ["thread", "M7", "B7", 8],
    ["grade", "M24", "B99", 8],
    ["grade", "M42", "B8 cl.2", 8],
    ["bolts", "M24", "B7", 1],
    ["bolts", "M24", "B7", 8.5],
    ["bolts", "M24", "B7", Number.NaN],
    ["bolts", "M24", "B7", 201],
  ] as const)("names the field that is not understood: %s", (field, thread, grade, bolts) => {
    expect(on(thread, grade, bolts)).toMatchObject({ figures: [], fault: { field } });
  });
  it("never prints a torque below the load of the shell test, nor above 90 % of the proof stress", () => {
    fc.assert(
      fc.property(
        fc.record({
          innerMm: fc.double({ min: 10, max: 1500, noNaN: true }),
          ratedBarG: fc.double({ min: 1, max: 450, noNaN: true }),
          friction: fc.constantFrom(0.1, 0.12, 0.16),
          utilisationPercent: fc.integer({ min: 40, max: 90 }),
        }),
        fc.constantFrom("M8", "M16", "M24", "M36", "M52"),
        fc.constantFrom("B7", "L7M", "B8 cl.1", "8.8"),
        fc.integer({ min: 2, max: 40 }),
        (needs, thread, grade, bolts) => {
          const { figures } = tighteningFound(needs, { thread, grade, bolts });
          if (!figures.some(({ unit }) => unit === "N·m")) return;
          const preloadN = 1000 * Number(figures.at(-1)!.value);
          expect(preloadN * bolts).toBeGreaterThanOrEqual(
            leastJointLoadN(needs.innerMm, needs.ratedBarG) * 0.999999,
          );
          const proofN = boltingProofMPa(grade, screwThread(thread)) * screwThread(thread).stressMm2;
          expect(preloadN).toBeLessThanOrEqual(proofN * 0.900001);
        },
      ),
    );
  });
});

import { describe, expect, it } from "vitest";
import { corrosionBands, dependsOnMoisture, dependsOnStrength, solutions } from "./corrosion.ts";
import { fluids } from "./fluids.ts";
import { seatIds } from "./seats.ts";
import { metals } from "./suitability.ts";
import { sealMaterials } from "./tables/seal-materials.ts";

const soft = [...seatIds, ...sealMaterials.rows.map(([id]) => id as string)];

describe("table of corrosion", () => {
  it("has a fluid for every solution, and a solution for every name in the table of fluids", () => {
    const named = new Set(fluids.map(({ solution }) => solution).filter((name) => name !== null));
    expect([...named].sort()).toEqual([...solutions].sort());
  });
  it.each(solutions)("lists every metal in %s, and every strength of each material once", (solution) => {
    const materials = [...metals, ...soft];
    expect(metals.filter((metal) => corrosionBands(solution, metal) === null)).toEqual([]);
    for (const material of materials) {
      const bands = corrosionBands(solution, material);
      if (bands === null) continue;
      for (const wet of dependsOnMoisture(solution) ? [true, false] : [true]) {
        const apply = bands.filter((band) => band.wet === null || band.wet === wet);
        let at = 0;
        for (const { abovePercent, toPercent } of apply) {
          expect(abovePercent, `${material} in ${solution}`).toBe(at);
          expect(toPercent).toBeGreaterThan(abovePercent);
          at = toPercent;
        }
        expect(at, `${material} in ${solution}, ${wet ? "wet" : "dry"}`).toBe(100);
      }
    }
  });
  it("never lets a material hold further than it is tight, and says by what it is attacked", () => {
    for (const solution of solutions)
      for (const material of [...metals, ...soft])
        for (const band of corrosionBands(solution, material) ?? []) {
          expect(band.mechanism).toMatch(/^[a-z].*[^.]$/);
          expect(band.mechanism).not.toMatch(/\d/);
          if (band.resists !== "within limits") expect([band.holdsToC, band.tightToC]).toEqual([null, null]);
          else expect(band.holdsToC ?? -Infinity, `${material} in ${solution}`).toBeLessThan(band.tightToC!);
        }
  });
  it("tells solutions of a strength from gases that only moisture decides", () => {
    expect(solutions.filter((name) => !dependsOnStrength(name))).toEqual([
      "sulphur dioxide",
      "chlorine",
      "hydrogen chloride",
      "hydrogen sulphide",
    ]);
    expect(solutions.filter(dependsOnMoisture)).toEqual([
      "sulphur dioxide",
      "chlorine",
      "hydrogen chloride",
      "hydrogen sulphide",
    ]);
  });
});

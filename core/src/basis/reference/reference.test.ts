import { describe, expect, it } from "vitest";
import { referenceTables } from "./all-tables.ts";
import { valueOnCurve } from "./curve.ts";
import { faceToFaceMm, minimumBoreMm } from "./dimensions.ts";
import { bodyGrade } from "./grades.ts";
import { padOf } from "./pads.ts";
import { parseDesignation, ratingCurve, tabulatedClasses } from "./pressure-temperature.ts";
import { sealMaterial } from "./seals.ts";
import { seatIds, seatMaterial, seatSizeFactor } from "./seats.ts";
import { metals, serviceFamilies, suitability } from "./suitability.ts";
import { bodyGrades } from "./tables/body-grades.ts";
import { sealMaterials } from "./tables/seal-materials.ts";

describe("tables", () => {
  it("carry source and the word indicative, and every row is as long as its heading", () => {
    expect(new Set(referenceTables.map((t) => t.id)).size).toBe(24);
    for (const table of referenceTables) {
      expect(table.status).toBe("indicative");
      expect(table.source.length, table.id).toBeGreaterThan(10);
      expect(table.rows.length, table.id).toBeGreaterThan(2);
      for (const row of table.rows) expect(row, table.id).toHaveLength(table.columns.length);
    }
  });
  it("rate every listed grade in every class or PN of its group, falling with temperature", () => {
    for (const row of bodyGrades.rows) {
      const grade = bodyGrade(row[0] as string)!;
      const designations = grade.group.endsWith("E0")
        ? [{ system: "PN" as const, number: 40 }]
        : tabulatedClasses.map((number) => ({ system: "class" as const, number }));
      for (const designation of designations) {
        const { temperatureC, value } = ratingCurve(designation, grade.group)!;
        for (let i = 1; i < value.length; i++)
          expect(value[i]!, `${grade.grade} ${temperatureC[i]}`).toBeLessThanOrEqual(value[i - 1]!);
      }
      expect(grade.minimumC).toBeLessThan(grade.maximumC);
      if (grade.metal !== null) expect(metals).toContain(grade.metal);
    }
  });
  it("scale the class columns with the class number from class 300 up, in the strength-governed rows", () => {
    for (const group of ["1.1", "2.2", "2.8"]) {
      const ratingOf = (number: number) => ratingCurve({ system: "class", number }, group)!.value[5]!;
      for (const n of [600, 900, 1500, 2500]) expect(ratingOf(n) / ratingOf(300)).toBeCloseTo(n / 300, 1);
    }
  });
  it("put each seat's range and curve in order", () => {
    for (const id of seatIds) {
      const seat = seatMaterial(id)!;
      expect(seat.minimumC).toBeLessThan(seat.continuousMaximumC);
      expect(seat.continuousMaximumC).toBeLessThanOrEqual(seat.excursionMaximumC);
      expect(seat.curve === null).toBe(seat.kind === "metal");
      const limits = seat.curve?.value ?? [];
      for (let i = 1; i < limits.length; i++) expect(limits[i]!).toBeLessThan(limits[i - 1]!);
    }
  });
});

describe("suitability", () => {
  it("answers for every seat and seal in every family, under any name in the tables", () => {
    for (const family of serviceFamilies) {
      for (const id of seatIds) expect(suitability(family, id), `${family} ${id}`).toMatch(/^[ABCX]$/);
      for (const row of sealMaterials.rows) {
        expect(suitability(family, row[0] as string), `${family} ${row[0]}`).toMatch(/^[ABCX]$/);
      }
    }
  });
  it("answers for every metal of a grade, in every family: a gap would be a defect", () => {
    for (const family of serviceFamilies)
      for (const row of bodyGrades.rows) {
        const { metal } = bodyGrade(row[0] as string)!;
        expect(suitability(family, metal!), `${family} ${row[0]}`).toMatch(/^[ABCX]$/);
      }
  });
  it.each([
    ["ammonia", "fkm", "X"],
    ["ammonia", "alloy 400", "X"],
    ["amine solution", "fkm", "X"],
    ["steam", "ptfe", "C"],
    ["oxygen", "carbon steel", "X"],
    ["seawater and brine", "25Cr super duplex", "A"],
    ["seawater and brine", "metal-wc", "C"],
    ["oxidising acid", "graphite-packing", "X"],
  ])("%s on %s is %s", (family, material, letter) => expect(suitability(family, material)).toBe(letter));
  it("does not know what is not listed", () => {
    expect(suitability("lemonade", "ptfe")).toBeNull();
    expect(suitability("water", "cheese")).toBeNull();
  });
});

describe("lookups", () => {
  it("read designations in either language and nothing else", () => {
    expect(parseDesignation(" Class 800 ")).toEqual({ system: "class", number: 800 });
    expect(parseDesignation("pn16")).toEqual({ system: "PN", number: 16 });
    for (const text of ["class 700", "PN 20", "300", "", "class 300 lb"])
      expect(parseDesignation(text)).toBeNull();
  });
  it("keep to the end values outside a curve and to the points on it", () => {
    const curve = { temperatureC: [0, 10, 30], value: [5, 3, 1] };
    expect([-5, 0, 5, 10, 20, 30, 99].map((t) => valueOnCurve(curve, t))).toEqual([5, 5, 4, 3, 2, 1, 1]);
  });
  it("find pads, seals, lengths and bores, or nothing", () => {
    expect(padOf("F16")).toMatchObject({ pitchCircleDiameterMm: 165, bolt: "M20" });
    expect(padOf("F99")).toBeUndefined();
    expect(sealMaterial("ptfe-lip")?.kind).toBe("lip seal");
    expect(sealMaterial("string")).toBeUndefined();
    expect(faceToFaceMm(600, 300, "long")).toBe(838);
    expect(faceToFaceMm(150, 150, "short")).toBe(267);
    expect(faceToFaceMm(600, 333, "long")).toBeNull();
    expect(minimumBoreMm(600, 150)).toBe(150);
    expect(minimumBoreMm(1500, 150)).toBe(144);
    expect(minimumBoreMm(150, 15)).toBeNull();
    expect(seatSizeFactor(5000, "trunnion")).toBe(0.9);
  });
});

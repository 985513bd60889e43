import { describe, expect, it } from "vitest";
import { readMarkings, readPlace, unfitFor } from "./index.ts";

describe("a place", () => {
  it.each([
    ["zone 1 IIB T3", 1, "IIB", "T3"],
    ["Zone 2, IIC, T4", 2, "IIC", "T4"],
    ["ZONE0 IIA T2", 0, "IIA", "T2"],
    ["Z1 IIB", 1, "IIB", null],
    ["zone 2", 2, null, null],
    ["zone 1 IIB T3C", 1, "IIB", "T3"],
  ])("%s is read", (text, level, group, temperatureClass) => {
    expect(readPlace(text)).toEqual({ system: "zone", gas: { level, group, temperatureClass }, dust: null });
  });
  it.each([
    ["Class I Div 2 Group D T3", 2, "D", "T3"],
    ["Class I, Division 1, Groups C, D", 1, "C", null],
    ["Class I Div. 2", 2, null, null],
  ])("%s is read as a division", (text, level, group, temperatureClass) => {
    expect(readPlace(text)).toEqual({
      system: "division",
      gas: { level, group, temperatureClass },
      dust: null,
    });
  });
  it("may hold gas and dust at once", () => {
    expect(readPlace("zone 2 IIB T3 / zone 22 IIIB T135°C")).toEqual({
      system: "zone",
      gas: { level: 2, group: "IIB", temperatureClass: "T3" },
      dust: { level: 2, group: "IIIB", surfaceC: 135 },
    });
    expect(readPlace("Class II Div 2 Group G")).toMatchObject({ gas: null, dust: { level: 2, group: "G" } });
  });
  it.each(["safe", "Safe area", "non-hazardous", "unclassified", "not classified", "NONE"])(
    "%s is safe",
    (text) => expect(readPlace(text)).toBe("safe"),
  );
  it.each([
    "",
    "somewhere",
    "zone 3",
    "zone",
    "zone 1 or zone 2",
    "Class III Div 1",
    "Ex",
    "hazardous",
    "div 3",
  ])("%j is not guessed at", (text) => expect(readPlace(text)).toBeNull());
});

describe("a marking", () => {
  it("is read by its protection level, else by its category", () => {
    expect(readMarkings("II 2G Ex db IIB T4 Gb")).toEqual([
      { system: "zone", gas: { level: 1, groups: ["IIA", "IIB"], temperatureClass: "T4" }, dust: null },
    ]);
    expect(readMarkings("II 3G Ex nA IIC T3")![0]).toMatchObject({
      gas: { level: 2, groups: ["IIA", "IIB", "IIC"] },
    });
    expect(readMarkings("II 2D Ex tb IIIC T135°C Db")![0]).toMatchObject({
      gas: null,
      dust: { level: 1, groups: ["IIIA", "IIIB", "IIIC"], surfaceC: 135 },
    });
    expect(readMarkings("II 1GD Ex ia IIC T4 Ga IIIC T135°C Da")![0]).toMatchObject({
      gas: { level: 0 },
      dust: { level: 0 },
    });
  });
  it("of divisions names each group it covers", () => {
    expect(readMarkings("Class I Div 1 Groups C, D T4")).toEqual([
      { system: "division", gas: { level: 1, groups: ["C", "D"], temperatureClass: "T4" }, dust: null },
    ]);
  });
  it.each(["", "Ex", "IP66", "CE", "II 2G Ex db IIB T4 Gb; something"])("%j is not guessed at", (text) =>
    expect(readMarkings(text)).toBeNull(),
  );
});

describe("fitness", () => {
  const fit = (marking: string, place: string, hazard: "gas" | "dust" = "gas") =>
    unfitFor(readMarkings(marking)!, readPlace(place) as never, hazard);
  const db = "II 2G Ex db IIB T4 Gb";
  it.each([
    [db, "zone 1 IIB T4", null],
    [db, "zone 2 IIA T1", null],
    [db, "zone 0 IIB T4", "level"],
    [db, "zone 1 IIC T4", "group"],
    [db, "zone 1 IIB T5", "surface"],
    [db, "zone 1", "group unknown"],
    [db, "zone 1 IIB", "surface unknown"],
    ["II 2G Ex db IIC T6 Gb", "zone 1", null],
    [db, "Class I Div 2 Group D T3", "system"],
    ["Class I Div 1 Groups C, D T4", "zone 1 IIB T3", "system"],
    ["Class I Div 1 Groups C, D T4", "Class I Div 1 Group C T4", null],
    ["Class I Div 1 Groups C, D T4", "Class I Div 1 Group B T4", "group"],
    ["Class I Div 2 Groups A, B, C, D T4", "Class I Div 1 Group D T4", "level"],
    ["II 2D Ex tb IIIC T135°C Db", "zone 1 IIB T4", "hazard"],
    [`${db}; Class I Div 1 Groups C, D T4`, "Class I Div 2 Group D T3", null],
  ] as const)("of %s in %s: %s", (marking, place, wrong) => expect(fit(marking, place)).toBe(wrong));
  it.each([
    ["II 2D Ex tb IIIC T135°C Db", "zone 21 IIIB T200°C", null],
    ["II 2D Ex tb IIIC T135°C Db", "zone 20 IIIB T200°C", "level"],
    ["II 2D Ex tb IIIB T135°C Db", "zone 21 IIIC T200°C", "group"],
    ["II 2D Ex tb IIIC T135°C Db", "zone 22 IIIC T120°C", "surface"],
  ] as const)("of %s in the dust of %s: %s", (marking, place, wrong) =>
    expect(fit(marking, place, "dust")).toBe(wrong),
  );
});

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { unfitFor } from "./fit.ts";
import { readMarkings } from "./marking.ts";
import { readPlace } from "./place.ts";

describe("a place", () => {
  it.each([
    ["zone 1 IIB T3", 1, ["IIB"], 200],
    ["Zone 2, IIC, T4", 2, ["IIC"], 135],
    ["ZONE0 IIA T2", 0, ["IIA"], 300],
    ["Z1 IIB", 1, ["IIB"], null],
    ["zone 2", 2, [], null],
    ["zone 1 IIB T3C", 1, ["IIB"], 160],
    ["Class I Zone 1 IIB T3", 1, ["IIB"], 200],
    ["zone 1 IIB + H2 T3", 1, ["IIB+H2"], 200],
    ["zone 1 IIB/IIC T3/T5", 1, ["IIB", "IIC"], 100],
  ])("%s is read", (text, level, groups, surfaceC) => {
    expect(readPlace(text)).toEqual({ system: "zone", gas: { level, groups, surfaceC }, dust: null });
  });
  it.each([
    ["Class I Div 2 Group D T3", 2, ["D"], 200],
    ["Class I, Division 1, Groups C, D", 1, ["C", "D"], null],
    ["Class I Div. 2", 2, [], null],
    ["Class I Div 1 Group D T2C", 1, ["D"], 230],
  ])("%s is read as a division", (text, level, groups, surfaceC) => {
    expect(readPlace(text)).toEqual({ system: "division", gas: { level, groups, surfaceC }, dust: null });
  });
  it("may hold gas and dust at once", () => {
    expect(readPlace("zone 2 IIB T3 / zone 22 IIIB T135°C")).toEqual({
      system: "zone",
      gas: { level: 2, groups: ["IIB"], surfaceC: 200 },
      dust: { level: 2, groups: ["IIIB"], surfaceC: 135 },
    });
    expect(readPlace("Class II Div 2 Group G")).toMatchObject({
      gas: null,
      dust: { level: 2, groups: ["G"] },
    });
    for (const both of [
      "Class I Div 1 Group D, Class II Div 1 Group G",
      "Class I, II Div 1 Groups D, G",
      "Class I/II Div 1 Groups D and G",
    ])
      expect(readPlace(both), both).toMatchObject({ gas: { groups: ["D"] }, dust: { groups: ["G"] } });
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
    "not zone 1",
    "unclassified within zone 1",
    "zone 2 outside, zone 1 within 3 m IIB T3",
    "zone 1 IID T3",
    "Class I Div 1 Group X",
    "Class I Div 1 and 2 Group D",
    "Class I Div 1 Group D Class I Div 2 Group B",
    "Div 1 Class I Group D",
  ])("%j is not guessed at", (text) => expect(readPlace(text)).toBeNull());
  it("is not read if one word of it is unknown", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("zone 1 IIB T3", "Class I Div 2 Group D T3", "zone 22 IIIB T135°C"),
        fc.stringMatching(/^[h-su-y]{3,9}$/),
        (text, word) => void expect(readPlace(`${text} ${word}`)).toBeNull(),
      ),
    );
  });
});

describe("a marking", () => {
  it("is read by its protection level, else by its category", () => {
    expect(readMarkings("II 2G Ex db IIB T4 Gb")).toEqual([
      { system: "zone", gas: { level: 1, groups: ["IIA", "IIB"], surfaceC: 135 }, dust: null },
    ]);
    expect(readMarkings("II 3G Ex nA IIC T3")![0]).toMatchObject({
      gas: { level: 2, groups: ["IIA", "IIB", "IIB+H2", "IIC"] },
    });
    expect(readMarkings("II 2D Ex tb IIIC T135°C Db")![0]).toMatchObject({
      gas: null,
      dust: { level: 1, groups: ["IIIA", "IIIB", "IIIC"], surfaceC: 135 },
    });
    expect(readMarkings("II 1GD Ex ia IIC T4 Ga IIIC T135°C Da")![0]).toMatchObject({
      gas: { level: 0, surfaceC: 135 },
      dust: { level: 0, surfaceC: 135 },
    });
    expect(readMarkings("II 2GD Ex db IIB T4")![0]).toMatchObject({
      gas: { level: 1 },
      dust: { surfaceC: null },
    });
  });
  it.each([
    ["II 1/2G Ex db IIB T4 Ga/Gb", { level: 1 }],
    ["II 1/2G Ex db IIB T4", { level: 1 }],
    ["II 2G Ex db IIB T6...T3 Gb", { surfaceC: 200 }],
    ["II 2G Ex db IIB T6/T4 Gb", { surfaceC: 135 }],
    ["II 2G Ex db [ia IIC Ga] IIB T4 Gb", { level: 1, groups: ["IIA", "IIB"] }],
    ["II 2(1)G Ex db IIB T4 Gb", { level: 1 }],
    ["Ex db IIB + Ex ia IIC T4 Gb", { groups: ["IIA", "IIB"] }],
    ["Ex db IIB+H2 T4 Gb", { groups: ["IIA", "IIB", "IIB+H2"] }],
  ])("%s claims the least of several values", (text, gas) =>
    expect(readMarkings(text)![0]!.gas).toMatchObject(gas),
  );
  it("of divisions names each group it covers", () => {
    expect(readMarkings("Class I Div 1 Groups C, D T4")).toEqual([
      { system: "division", gas: { level: 1, groups: ["C", "D"], surfaceC: 135 }, dust: null },
    ]);
    expect(readMarkings("Class I, II Div 1 Groups C, D, E, F, G T4")![0]).toMatchObject({
      gas: { groups: ["C", "D"] },
      dust: { groups: ["E", "F", "G"], surfaceC: 135 },
    });
  });
  it.each(["", "Ex", "IP66", "CE", "II 2G Ex db IIB T4 Gb; something", "Class I Div 3", "Div 1"])(
    "%j is not guessed at",
    (text) => expect(readMarkings(text)).toBeNull(),
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
    [db, "zone 1 IIB+H2 T4", "group"],
    ["Ex db IIB+H2 T4 Gb", "zone 1 IIB + H2 T4", null],
    [db, "zone 1 IIB/IIC T4", "group"],
    [db, "zone 1 IIB T3/T5", "surface"],
    ["II 2G Ex db IIB T3 Gb", "zone 1 IIB T3C", "surface"],
    ["II 2G Ex db [ia IIC] IIB T4 Gb", "zone 1 IIC T4", "group"],
    ["II 1/2G Ex db IIB T4 Ga/Gb", "zone 0 IIB T4", "level"],
    ["Class I Div 1 Group C T4", "Class I Div 1 Groups C, D T4", "group"],
    ["Class I Div 1 Groups A, B T4", "Class I Div 1 T4", "group unknown"],
    ["Class I Div 1 Groups A, B, C, D T4", "Class I Div 1 T4", null],
    [`${db}; Class I Div 1 Groups C, D T4`, "Class I Div 2 Group D T3", null],
  ] as const)("of %s in %s: %s", (marking, place, wrong) => expect(fit(marking, place)).toBe(wrong));
  it.each([
    ["II 2D Ex tb IIIC T135°C Db", "zone 21 IIIB T200°C", null],
    ["II 2D Ex tb IIIC T135°C Db", "zone 20 IIIB T200°C", "level"],
    ["II 2D Ex tb IIIB T135°C Db", "zone 21 IIIC T200°C", "group"],
    ["II 2D Ex tb IIIC T135°C Db", "zone 22 IIIC T120°C", "surface"],
    ["II 2D Ex tb IIIC T135°C Db", "Class I Div 1 Group D, Class II Div 1 Group G", "system"],
    ["Class II Div 1 Groups E, F, G T4", "Class II Div 1 Group G T3", null],
    ["Class I Div 1 Group D T4", "Class I, II Div 1 Groups D, G", "hazard"],
  ] as const)("of %s in the dust of %s: %s", (marking, place, wrong) =>
    expect(fit(marking, place, "dust")).toBe(wrong),
  );
});

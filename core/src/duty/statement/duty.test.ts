import { describe, expect, it } from "vitest";
import { statedInFull } from "../../../test/fixture.ts";
import { defaultHouseRules, houseRuleDefinitions, houseRulesSchema } from "../../basis/house/house-rules.ts";
import { nominalSizes, npsLabel, parseNominalSize } from "../../basis/units/sizes.ts";
import { missingFrom } from "../settling/completeness.ts";
import { settle } from "../settling/settle.ts";
import { dutySchema, emptyDuty } from "./duty.ts";

const house = defaultHouseRules();
const messageAt = (duty: unknown, path: string) => {
  const parsed = dutySchema.safeParse(duty);
  return parsed.error?.issues.find((i) => i.path.join(".") === path)?.message;
};
const withCase = (change: object) => ({
  ...emptyDuty,
  cases: [
    {
      id: "a",
      kind: "normal",
      name: "normal",
      upstreamBarG: 5,
      downstreamBarG: 0,
      temperatureC: 20,
      ...change,
    },
  ],
});

describe("bad duties", () => {
  it.each([
    [{ upstreamBarG: -1.02 }, "cases.0.upstreamBarG", /below full vacuum/],
    [{ upstreamBarG: 1001 }, "cases.0.upstreamBarG", /above 1000 bar g/],
    [{ temperatureC: -273.2 }, "cases.0.temperatureC", /absolute zero/],
    [{ temperatureC: 1201 }, "cases.0.temperatureC", /Check the unit/],
    [{ temperatureC: "hot" }, "cases.0.temperatureC", /must be a number/],
    [{ downstreamBarG: 6 }, "cases.0.downstreamBarG", /mark the case as reverse/],
    [{ flow: "reverse", downstreamBarG: 3 }, "cases.0.upstreamBarG", /Mark the case as forward/],
    [{ name: "" }, "cases.0.name", /needs a name/],
  ])("%o is refused at its place", (change, path, message) => {
    expect(messageAt(withCase(change), path)).toMatch(message);
  });
  it("refuses invalid sizes, classes and supplies", () => {
    expect(messageAt({ ...emptyDuty, dn: 155 }, "dn")).toBe("DN 155 is not a nominal size.");
    expect(messageAt({ ...emptyDuty, lineDesignation: "class 700" }, "lineDesignation")).toMatch(
      /not a class or PN/,
    );
    expect(messageAt({ ...emptyDuty, airMinimumBarG: 6, airMaximumBarG: 5 }, "airMaximumBarG")).toMatch(
      /below the minimum/,
    );
    expect(messageAt({ ...emptyDuty, ambientMinimumC: 6, ambientMaximumC: 5 }, "ambientMaximumC")).toMatch(
      /below the lowest/,
    );
  });
  it("refuses two cases with one id and an unknown field", () => {
    const blankCase = withCase({}).cases[0]!;
    expect(messageAt({ ...emptyDuty, cases: [blankCase, blankCase] }, "cases.1.id")).toMatch(/share the id/);
    expect(dutySchema.safeParse({ ...emptyDuty, colour: "red" }).success).toBe(false);
  });
  it("calls a case without a name by its kind, and refuses an empty name", () => {
    const { name: _, ...bare } = withCase({}).cases[0]!;
    const { cases } = dutySchema.parse({
      cases: [
        { ...bare, id: "a", kind: "maximum" },
        { ...bare, id: "b", name: "maximum 2" },
        { ...bare, id: "c", kind: "maximum" },
        { ...bare, id: "d" },
      ],
    });
    expect(cases.map(({ name }) => name)).toEqual(["maximum", "maximum 2", "maximum 3", "normal"]);
    expect(messageAt(withCase({ name: "" }), "cases.0.name")).toMatch(/needs a name/);
  });
  it("accepts values at the limits", () => {
    expect(
      dutySchema.safeParse(withCase({ upstreamBarG: 1000, temperatureC: -273.15, downstreamBarG: -1.01325 }))
        .success,
    ).toBe(true);
  });
});

describe("settle", () => {
  const settled = (change: object) => settle(dutySchema.parse(withCase(change)), house).cases[0]!;
  it("takes a blank downstream as vented and records the assumption", () => {
    expect(settled({ downstreamBarG: null })).toMatchObject({
      downstreamBarG: 0,
      downstreamOrigin: "assumed",
      differentialBar: 5,
    });
  });
  it("assumes no pressure and no temperature", () => {
    expect(settled({ upstreamBarG: null })).toMatchObject({
      pressureBarG: null,
      differentialBar: null,
      closedDifferentialBar: null,
    });
  });
  it("takes a reverse case from the downstream side", () => {
    expect(settled({ flow: "reverse", upstreamBarG: null, downstreamBarG: 8 })).toMatchObject({
      pressureBarG: 8,
      differentialBar: 8,
      upstreamBarG: 0,
    });
  });
  it("counts vacuum on the far side into the shut differential", () => {
    expect(settled({ upstreamBarG: 4, downstreamBarG: -1 })).toMatchObject({ closedDifferentialBar: 5 });
  });
  it("never assumes a lowest supply above the highest stated", () => {
    const s = settle({ ...emptyDuty, airMaximumBarG: 3 }, house);
    expect(s.airMinimumBarG).toBeLessThanOrEqual(s.airMaximumBarG);
  });
});

describe("completeness", () => {
  it("finds nothing missing in a complete duty", () => {
    expect(missingFrom(statedInFull(), house)).toEqual([]);
  });
  it("puts what must not be assumed before what is assumed", () => {
    const missing = missingFrom({ ...statedInFull({ fluid: { family: null } }), shutOff: null }, house);
    expect(missing.map((m) => [m.field, m.assumption])).toEqual([
      ["fluid.family", null],
      [
        "fluid.substance",
        {
          words: "the substance named by the family; for other families nothing is calculated",
          value: null,
          unit: "",
        },
      ],
      ["shutOff", { words: "the standard of the maker", value: null, unit: "" }],
    ]);
  });
  it("names blank pressures and temperatures by case and does not ask electric drives for air", () => {
    const duty = {
      ...statedInFull({ cases: [{ upstreamBarG: null, temperatureC: null }] }),
      operator: "electric" as const,
      motorSupply: "400 V 3~" as const,
      area: "safe",
      lowestVoltagePercent: 90,
      airMinimumBarG: null,
    };
    expect(missingFrom(duty, house).map((m) => m.label)).toEqual([
      "Pressure of case 1",
      "Temperature of case 1",
    ]);
  });
});

describe("sizes", () => {
  it("reads every size in both languages", () => {
    for (const dn of nominalSizes) {
      expect(parseNominalSize(`DN ${dn}`, "NPS")).toBe(dn);
      expect(parseNominalSize(String(dn), "DN")).toBe(dn);
      expect(parseNominalSize(npsLabel(dn), "DN")).toBe(dn);
    }
  });
  it.each(['1 1/2"', "1-1/2 in", '1.5"', "NPS 1½"])("reads %s as DN 40", (text) =>
    expect(parseNominalSize(text, "DN")).toBe(40),
  );
  it("does not guess at an invalid size", () => {
    expect(parseNominalSize("155", "DN")).toBeNull();
    expect(parseNominalSize("7", "NPS")).toBeNull();
    expect(parseNominalSize("", "NPS")).toBeNull();
  });
});

describe("house rules", () => {
  it("has every default inside its range and a reason for each", () => {
    expect(houseRulesSchema().safeParse(house).success).toBe(true);
    for (const rule of Object.values(houseRuleDefinitions)) expect(rule.reason.length).toBeGreaterThan(20);
  });
  it("refuses a value outside its range with the range in the message", () => {
    const parsed = houseRulesSchema().safeParse({ ...house, serviceFactor: 2.1 });
    expect(parsed.error?.issues[0]).toMatchObject({
      path: ["serviceFactor"],
      message: "Service factor must be between 1 and 2.",
    });
  });
});

import { describe, expect, it } from "vitest";
import { demoTags } from "../../../test/demo.ts";
import { statedInFull } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { type Duty, dutySchema, emptyDuty, fieldsOfDuty } from "../statement/duty.ts";
import { dutiesOtherwise, missingFrom, mustBeKnownOf } from "./completeness.ts";
import { settle } from "./settle.ts";

const house = defaultHouseRules();
const questions = fieldsOfDuty.filter((field) => field.why !== undefined);
const complete = statedInFull();

/** An installed valve. */
const stands: Duty = {
  ...complete,
  onSite: true,
  onSiteConstruction: "butterfly-concentric",
  onSiteBreakNm: 100,
  onSitePad: "F07",
  onSiteStemLimitNm: 400,
};

/** The complete duty with one field of it blank, and the condition that makes the field relevant. */
const byMotor: Duty = {
  ...complete,
  operator: "electric",
  area: "safe",
  lowestVoltagePercent: 90,
  motorSupply: "400 V 3~",
};
const blank: Readonly<Record<string, Duty>> = {
  dn: { ...complete, dn: null },
  cases: { ...complete, cases: [] },
  "fluid.family": statedInFull({ fluid: { family: null } }),
  lineDesignation: { ...complete, lineDesignation: null },
  onSupplyLoss: { ...complete, onSupplyLoss: null },
  "fluid.h2sKPa": statedInFull({
    fluid: { family: "sour hydrocarbon", substance: "sour-crude", h2sKPa: null },
  }),
  airMinimumBarG: { ...complete, airMinimumBarG: null },
  airMaximumBarG: { ...complete, airMaximumBarG: null },
  oilMinimumBarG: { ...complete, operator: "hydraulic", oilMaximumBarG: 200 },
  oilMaximumBarG: { ...complete, operator: "hydraulic", oilMinimumBarG: 100 },
  lowestVoltagePercent: { ...byMotor, lowestVoltagePercent: null },
  motorSupply: { ...byMotor, motorSupply: null },
  area: { ...byMotor, area: null },
  integrityLevel: { ...complete, function: ["emergency shut-down"], integrityLevel: null },
  proofTestMonths: { ...complete, function: ["emergency shut-down"], integrityLevel: "SIL 1" },
  flowDirection: { ...complete, flowDirection: null },
  function: { ...complete, function: null },
  characteristic: {
    ...complete,
    function: ["throttling"],
    pipeBoreMm: 100,
    cases: complete.cases.map((c) => ({ ...c, rate: 10 })),
  },
  "fluid.chloridesMgL": statedInFull({ fluid: { family: "water", substance: "water", chloridesMgL: null } }),
  "fluid.hazards": statedInFull({ fluid: { hazards: null } }),
  "fluid.solidsPercent": statedInFull({ fluid: { solidsPercent: null } }),
  ambientMaximumC: { ...complete, ambientMaximumC: null },
  ambientMinimumC: { ...complete, ambientMinimumC: null },
  endConnection: { ...complete, endConnection: null },
  longestShutDays: { ...complete, longestShutDays: null },
  operator: { ...complete, operator: null },
  installation: { ...complete, installation: null },
  deadEnd: { ...complete, deadEnd: null, endConnection: "lug" },
  port: { ...complete, port: null },
  fireSafe: { ...complete, fireSafe: null },
  shutOff: { ...complete, shutOff: null },
  emissionClass: statedInFull({ emissionClass: null, fluid: { hazards: ["toxic"] } }),
  "fluid.substance": statedInFull({ fluid: { substance: null } }),
  onSiteConstruction: { ...stands, onSiteConstruction: null },
  onSiteBreakNm: { ...stands, onSiteBreakNm: null },
  onSitePad: { ...stands, onSitePad: null },
  onSiteStemLimitNm: { ...stands, onSiteStemLimitNm: null },
  factorSetAsideBecause: { ...complete, factorSetAside: ["seldom moved"] },
  "fluid.setAsideBecause": statedInFull({ fluid: { setAside: ["flammable"] } }),
  "fluid.hydrogenBarA": statedInFull({
    fluid: { family: "hydrogen", substance: "hydrogen", hydrogenBarA: null },
  }),
  "fluid.freezingC": statedInFull({ fluid: { hazards: ["crystallises"] } }),
  "fluid.strengthPercent": statedInFull({ fluid: { family: "caustic", substance: "caustic-soda" } }),
  "fluid.ph": statedInFull({ fluid: { chloridesMgL: 50, ph: null, oxygenMgL: 8 } }),
  "fluid.oxygenMgL": statedInFull({ fluid: { chloridesMgL: 50, oxygenMgL: null, ph: 7 } }),
  pipeBoreMm: statedInFull({ cases: [{ rate: 20 }] }),
  "fluid.sulphurPercent": statedInFull({ cases: [{ temperatureC: 300 }], fluid: { sulphurPercent: null } }),
};

describe("questions of an order", () => {
  it("have fields, labels and reasons of their own", () => {
    expect(Object.keys(blank).sort()).toEqual(["cases", ...questions.map((q) => q.path)].sort());
    for (const q of questions) {
      expect(q.label).toMatch(/^[A-Z]/);
      expect(q.why).toMatch(/^[A-Z].*\.$/);
    }
  });
  it.each(questions.map((q) => [q.path, q] as const))("%s is missing where it is blank", (path, q) => {
    expect(missingFrom(complete, house).map((m) => m.field)).not.toContain(path);
    const [first, ...others] = missingFrom(blank[path]!, house);
    expect(first).toMatchObject({ field: path, label: q.label });
    // A family is asked only where no substance names it.
    expect(others.map((m) => m.field)).toEqual(path === "fluid.family" ? ["fluid.substance"] : []);
  });
  it.each(questions.filter((q) => q.mustBeKnown).map((q) => [q.path, q] as const))(
    "%s is never assumed",
    (path, q) => {
      expect(missingFrom(blank[path]!, house)[0]!.assumption).toBeNull();
      expect(q.otherwise).toBeUndefined();
    },
  );
  it.each(questions.filter((q) => !q.mustBeKnown).map((q) => [q.path] as const))(
    "%s could have another value in a valid duty",
    (path) => {
      const others = dutiesOtherwise(path, blank[path]!);
      expect(others.length).toBeGreaterThan(0);
      for (const other of others) {
        expect(dutySchema.safeParse(other).success).toBe(true);
        expect(other).not.toEqual(blank[path]);
        expect(missingFrom(other, house).map((m) => m.field)).not.toContain(path);
      }
    },
  );
  it("show numbers with their unit, so that every reader gets chosen units", () => {
    const figures = missingFrom(emptyDuty, house).flatMap((m) => (m.assumption?.value == null ? [] : [m]));
    expect(Object.fromEntries(figures.map((m) => [m.field, m.assumption]))).toEqual({
      airMinimumBarG: { words: "", value: house.assumedAirMinimumBarG, unit: "bar g" },
      airMaximumBarG: { words: "", value: house.assumedAirMaximumBarG, unit: "bar g" },
      ambientMaximumC: { words: "", value: house.assumedAmbientMaximumC, unit: "°C" },
      longestShutDays: { words: "", value: house.assumedLongestShutDays, unit: "days" },
    });
    for (const m of missingFrom(emptyDuty, house)) expect(m.assumption?.words ?? "").not.toMatch(/\d/);
  });
  it("state the value that settling then uses", () => {
    const settled = settle(emptyDuty, house);
    for (const { field, assumption } of missingFrom(emptyDuty, house)) {
      const value = assumption?.value;
      if (value != null) expect(settled[field as "airMinimumBarG"], field).toBe(value);
    }
  });
  it("do not ask a bare stem or an electric actuator for air", () => {
    for (const operator of ["bare stem", "electric"] as const) {
      const asked = missingFrom({ ...emptyDuty, operator }, house).map((m) => m.field);
      expect(asked).not.toContain("airMinimumBarG");
      expect(asked.includes("onSupplyLoss")).toBe(operator === "electric");
    }
  });
});

describe("mandatory values", () => {
  it("are those never assumed, independent of the house rules", () => {
    for (const { number, duty } of [...demoTags, { number: "nothing", duty: emptyDuty }])
      expect(mustBeKnownOf(duty), number).toEqual(
        missingFrom(duty, house)
          .filter((m) => m.assumption === null)
          .map((m) => m.field),
      );
  });
});

describe("fields that count as none", () => {
  it("are reported once for the fluid and once for the task, each named", () => {
    const open = {
      ...complete,
      lineTestBarG: null,
      deadEnd: null,
      fluid: { ...complete.fluid, h2sKPa: null, fibres: null },
    };
    expect(missingFrom(open, house)).toMatchObject(
      [
        {
          field: "deadEnd",
          covers: ["lineTestBarG"],
          assumption: { words: "no dead-end service, line test" },
        },
        { field: "fluid.h2sKPa", covers: ["fluid.fibres"], assumption: { words: "no H₂S partial, fibres" } },
      ].reverse(),
    );
  });
  it("could each have a value after all", () => {
    const open = { ...complete, fluid: { ...complete.fluid, h2sKPa: null, fibres: null } };
    const others = dutiesOtherwise("fluid.h2sKPa", open);
    expect(others.map((d) => [d.fluid.h2sKPa, d.fluid.fibres])).toEqual([
      [10, null],
      [null, true],
    ]);
    for (const other of others) expect(dutySchema.safeParse(other).success).toBe(true);
  });
  it("become a question of their own where the duty raises it", () => {
    const open = { ...complete, deadEnd: null, endConnection: "lug" as const };
    expect(missingFrom(open, house)).toMatchObject([{ field: "deadEnd", label: "Dead-end service" }]);
  });
});

describe("the far side of a case", () => {
  const open = statedInFull({ cases: [{ downstreamBarG: null }] });
  it("is assumed vented, and could be at line pressure too", () => {
    const [gap] = missingFrom(open, house);
    expect(gap).toMatchObject({
      field: "cases.0.downstreamBarG",
      assumption: { words: "vented", value: 0, unit: "bar g" },
    });
    expect(dutiesOtherwise(gap!.field, open)[0]!.cases[0]).toMatchObject({ downstreamBarG: 9 });
  });
  it("is upstream in a reverse case", () => {
    const reverse = statedInFull({ cases: [{ flow: "reverse", upstreamBarG: null, downstreamBarG: 10 }] });
    const [gap] = missingFrom(reverse, house);
    expect(gap!.field).toBe("cases.0.upstreamBarG");
    expect(dutiesOtherwise(gap!.field, reverse)[0]!.cases[0]).toMatchObject({ upstreamBarG: 9 });
  });
  it("has no alternative without such a case or a pressure", () => {
    expect(dutiesOtherwise("cases.7.downstreamBarG", open)).toEqual([]);
    expect(dutiesOtherwise("no such field", open)).toEqual([]);
    const unknown = statedInFull({ cases: [{ upstreamBarG: null, downstreamBarG: null }] });
    expect(dutiesOtherwise("cases.0.downstreamBarG", unknown)).toEqual([]);
  });
});

describe("missing values of the demo", () => {
  it("are named once each, mandatory ones first", () => {
    for (const { number, duty } of demoTags) {
      const missing = missingFrom(duty, house);
      expect(new Set(missing.map((m) => m.field)).size, number).toBe(missing.length);
      const assumed = missing.map((m) => m.assumption !== null);
      expect(assumed, number).toEqual([...assumed].sort((a, b) => Number(a) - Number(b)));
    }
  });
});

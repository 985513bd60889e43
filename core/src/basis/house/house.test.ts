import { describe, expect, it } from "vitest";
import {
  defaultHouseRules,
  type HouseRuleId,
  houseRuleDefinitions,
  houseRuleGroups,
  houseRulesSchema,
} from "./house-rules.ts";

const ids = Object.keys(houseRuleDefinitions) as HouseRuleId[];
const schema = houseRulesSchema();
const said = (values: unknown) => {
  const read = schema.safeParse(values);
  return read.success ? [] : read.error.issues.map((i) => i.message);
};

describe("house rules", () => {
  it.each(ids)("%s has a label, a reason and a valid default", (id) => {
    const rule = houseRuleDefinitions[id];
    expect(rule.label).toMatch(/^[A-Z]/);
    expect(rule.reason.length).toBeGreaterThan(15);
    if (rule.kind === "number") {
      expect(rule.default).toBeGreaterThanOrEqual(rule.minimum);
      expect(rule.default).toBeLessThanOrEqual(rule.maximum);
    } else {
      expect(rule.options).toContain(rule.default);
      expect(rule.options.length).toBeGreaterThan(1);
    }
  });
  it("each belong to one group", () => {
    const grouped = houseRuleGroups.flatMap(({ ids }) => ids);
    expect(grouped).toEqual(Object.keys(houseRuleDefinitions));
    expect(new Set(houseRuleGroups.map(({ name }) => name)).size).toBe(houseRuleGroups.length);
  });
  it("have labels of their own", () => {
    const labels = ids.map((id) => houseRuleDefinitions[id].label);
    expect(new Set(labels).size).toBe(labels.length);
  });
  it("take their defaults", () => expect(said(defaultHouseRules())).toEqual([]));
  it.each(ids.filter((id) => houseRuleDefinitions[id].kind === "number"))(
    "%s ends at its range, the ends included, with a message",
    (id) => {
      const rule = houseRuleDefinitions[id];
      if (rule.kind !== "number") return expect.fail();
      const under = (value: number) => said({ ...defaultHouseRules(), [id]: value });
      expect(under(rule.minimum)).toEqual([]);
      expect(under(rule.maximum)).toEqual([]);
      const beyond = `${`${rule.label} must be between ${rule.minimum} and ${rule.maximum} ${rule.unit}`.trim()}.`;
      expect(under(rule.minimum - 1e-6)).toEqual([beyond]);
      expect(under(rule.maximum + 1e-6)).toEqual([beyond]);
    },
  );
  it("refuse an unknown option, an extra rule and a missing one", () => {
    expect(said({ ...defaultHouseRules(), sizingBasis: "guess" })).toHaveLength(1);
    expect(said({ ...defaultHouseRules(), luck: 7 })).toHaveLength(1);
    const { serviceFactor: _, ...rest } = defaultHouseRules();
    expect(said(rest)).toHaveLength(1);
    expect(said({ ...defaultHouseRules(), serviceFactor: "1.2" })).toHaveLength(1);
    expect(said({ ...defaultHouseRules(), serviceFactor: Number.NaN })).toHaveLength(1);
  });
});

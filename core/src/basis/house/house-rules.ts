import { z } from "zod";
import { air } from "./air.ts";
import { assumptions } from "./assumptions.ts";
import { bodies } from "./bodies.ts";
import type { ChoiceRule } from "./definition.ts";
import { fitUp } from "./fit-up.ts";
import { flow } from "./flow.ts";
import { hands } from "./hands.ts";
import { lives } from "./lives.ts";
import { margins } from "./margins.ts";
import { motors } from "./motors.ts";
import { safety } from "./safety.ts";
import { service } from "./service.ts";
import { shop } from "./shop.ts";
import { temperatures } from "./temperatures.ts";
import { torque } from "./torque.ts";

/** The first set: every number and school an organisation owns, with default, range and reason. */
export const houseRuleDefinitions = {
  ...margins,
  ...torque,
  ...bodies,
  ...service,
  ...lives,
  ...hands,
  ...motors,
  ...safety,
  ...air,
  ...fitUp,
  ...flow,
  ...shop,
  ...temperatures,
  ...assumptions,
} as const;

/** The rules by subject, in the order they are shown. */
export const houseRuleGroups: readonly { readonly name: string; readonly ids: readonly HouseRuleId[] }[] = (
  [
    ["Margins", margins],
    ["Torque", torque],
    ["Bodies", bodies],
    ["Service", service],
    ["Life in strokes", lives],
    ["Manual operation", hands],
    ["Motors", motors],
    ["Safety functions", safety],
    ["Air", air],
    ["Fit-up", fitUp],
    ["Flow", flow],
    ["Shop", shop],
    ["Stem and actuator in cold and heat", temperatures],
    ["Assumptions for values not stated", assumptions],
  ] as const
).map(([name, rules]) => ({ name, ids: Object.keys(rules) as HouseRuleId[] }));

type Definitions = typeof houseRuleDefinitions;
export type HouseRuleId = keyof Definitions;
export type HouseRules = {
  -readonly [Id in HouseRuleId]: Definitions[Id] extends ChoiceRule<infer Option> ? Option : number;
};

/**
 * The first set's values.
 *
 * @returns every house rule at its default
 * @source houseRuleDefinitions
 * @example defaultHouseRules().serviceFactor // → 1.2
 */
export function defaultHouseRules(): HouseRules {
  return Object.fromEntries(
    Object.entries(houseRuleDefinitions).map(([id, rule]) => [id, rule.default]),
  ) as HouseRules;
}

/**
 * Schema of a whole set: every rule present and inside its range.
 *
 * @returns Zod schema; messages name the rule and its range
 * @source houseRuleDefinitions
 * @example houseRulesSchema().safeParse({}).success // → false
 */
export function houseRulesSchema(): z.ZodType<HouseRules> {
  const fields = Object.entries(houseRuleDefinitions).map(([id, rule]) => {
    if (rule.kind === "choice") return [id, z.enum(rule.options)];
    const message = `${rule.label} must be between ${rule.minimum} and ${rule.maximum} ${rule.unit}`.trim();
    return [id, z.number().min(rule.minimum, `${message}.`).max(rule.maximum, `${message}.`)];
  });
  return z.strictObject(Object.fromEntries(fields)) as unknown as z.ZodType<HouseRules>;
}

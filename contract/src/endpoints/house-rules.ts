import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { houseRuleVersionSchema, newHouseRulesSchema } from "../records.ts";

export const houseRulesEndpoints = {
  houseRules: endpoint({
    ...addresses.houseRules,
    says: "House rules in force",
    project: null,
    role: "engineer",
    answer: houseRuleVersionSchema,
  }),
  houseRuleVersions: endpoint({
    ...addresses.houseRuleVersions,
    says: "Every version of the house rules, newest first",
    project: null,
    role: "engineer",
    answer: z.array(houseRuleVersionSchema),
  }),
  houseRuleVersion: endpoint({
    ...addresses.houseRuleVersion,
    says: "One version of the house rules",
    project: null,
    role: "engineer",
    answer: houseRuleVersionSchema,
    problems: [404],
  }),
  newHouseRules: endpoint({
    ...addresses.newHouseRules,
    says: "Put a new version of the house rules in force",
    project: null,
    role: "engineer",
    body: newHouseRulesSchema,
    answer: houseRuleVersionSchema,
    status: 201,
    problems: [409, 422],
  }),
};

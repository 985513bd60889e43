import { z } from "zod";
import { endpoint } from "../endpoint.ts";
import { houseRuleVersionSchema, newHouseRulesSchema } from "../records.ts";

export const houseRulesEndpoints = {
  houseRules: endpoint({
    method: "get",
    path: "/api/house-rules",
    says: "House rules in force",
    project: null,
    role: "engineer",
    answer: houseRuleVersionSchema,
  }),
  houseRuleVersions: endpoint({
    method: "get",
    path: "/api/house-rules/versions",
    says: "Every version of the house rules, newest first",
    project: null,
    role: "engineer",
    paged: true,
    answer: z.array(houseRuleVersionSchema),
  }),
  houseRuleVersion: endpoint({
    method: "get",
    path: "/api/house-rules/{version}",
    says: "One version of the house rules",
    project: null,
    role: "engineer",
    answer: houseRuleVersionSchema,
    problems: [404],
  }),
  newHouseRules: endpoint({
    method: "post",
    path: "/api/house-rules",
    says: "Put a new version of the house rules in force",
    project: null,
    role: "engineer",
    body: newHouseRulesSchema,
    answer: houseRuleVersionSchema,
    status: 201,
    problems: [409, 422],
  }),
};

import { defineEntity } from "@mikro-orm/core";

export const CatalogueVersion = defineEntity({
  name: "CatalogueVersion",
  tableName: "catalogue_version",
  properties: (p) => ({
    revision: p.integer().primary(),
    digest: p.text(),
    content: p.json<unknown>(),
    reason: p.text(),
    /** It came with a project, for that project: it is not in force by itself. */
    broughtIn: p.boolean().default(false),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

export const HouseRuleVersion = defineEntity({
  name: "HouseRuleVersion",
  tableName: "house_rule_version",
  properties: (p) => ({
    version: p.integer().primary(),
    content: p.json<unknown>(),
    reason: p.text(),
    /** It came with a project, for that project: it is not in force by itself. */
    broughtIn: p.boolean().default(false),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

import { defineEntity, type InferEntity } from "@mikro-orm/core";

export const Project = defineEntity({
  name: "Project",
  tableName: "project",
  properties: (p) => ({
    id: p.uuid().primary(),
    name: p.text(),
    note: p.text(),
    opensOn: p.uuid().nullable(),
    defaults: p.json<unknown>(),
    numbering: p.text(),
    unitSystem: p.text(),
    standards: p.text(),
    archived: p.boolean(),
    /** Its basis: pinned until a user changes it. */
    catalogueRevision: p.integer(),
    houseRuleVersion: p.integer(),
    version: p.integer(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});
export type Project = InferEntity<typeof Project>;

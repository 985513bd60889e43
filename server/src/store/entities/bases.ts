import { defineEntity } from "@mikro-orm/core";

/** What something is proved by: a revision of the catalogue, a version of the house rules, an engine. */
export const ProofBasis = defineEntity({
  name: "ProofBasis",
  tableName: "basis",
  properties: (p) => ({
    id: p.integer().primary().autoincrement(),
    catalogueRevision: p.integer(),
    houseRuleVersion: p.integer(),
    engine: p.text(),
  }),
});

/** What a project was pinned to, and why; never changed. */
export const PinnedBasis = defineEntity({
  name: "PinnedBasis",
  tableName: "basis_decision",
  properties: (p) => ({
    projectId: p.uuid().primary(),
    number: p.integer().primary(),
    catalogueRevision: p.integer(),
    houseRuleVersion: p.integer(),
    reason: p.text(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

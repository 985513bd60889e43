import { defineEntity } from "@mikro-orm/core";

/** A basis of proofs: catalogue revision, house rule version and engine. */
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

/** A decision to pin a project to a basis, with its reason; never changed. */
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

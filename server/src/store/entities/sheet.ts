import { defineEntity, type InferEntity } from "@mikro-orm/core";
import { Tag } from "./tag.ts";

/** The server's own proof of a chosen candidate; never changed. */
export const Proof = defineEntity({
  name: "Proof",
  tableName: "proof",
  properties: (p) => ({
    id: p.uuid().primary(),
    tag: () => p.manyToOne(Tag).ref(),
    dutyVersion: p.integer(),
    catalogueRevision: p.integer(),
    houseRuleVersion: p.integer(),
    engine: p.text(),
    digest: p.text(),
    content: p.json<unknown>(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

/** An issued sheet; never changed. */
export const Sheet = defineEntity({
  name: "Sheet",
  tableName: "sheet",
  properties: (p) => ({
    id: p.uuid().primary(),
    tag: () => p.manyToOne(Tag).ref(),
    proof: () => p.manyToOne(Proof).ref(),
    revision: p.text(),
    content: p.json<unknown>(),
    issuedAt: p.datetime(),
    issuedBy: p.text(),
    /** Key of the request that asked for it. */
    askedWith: p.text().nullable(),
  }),
});
export type Sheet = InferEntity<typeof Sheet>;

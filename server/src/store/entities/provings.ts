import { defineEntity, type InferEntity } from "@mikro-orm/core";
import type { Proving as ProvingDocument, ProvingWhat } from "@proven-seat/contract";
import type { SheetDrift, TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";

/** A job that proves the list or the sheets of a project. */
export const Proving = defineEntity({
  name: "Proving",
  tableName: "proving",
  properties: (p) => ({
    id: p.uuid().primary(),
    projectId: p.uuid(),
    basisId: p.integer(),
    what: p.text().$type<ProvingWhat>(),
    state: p.text().$type<ProvingDocument["state"]>(),
    total: p.integer(),
    remaining: p.integer(),
    attempts: p.integer(),
    askedAt: p.datetime(),
    askedBy: p.text(),
    endedAt: p.datetime().nullable(),
  }),
});
export type Proving = InferEntity<typeof Proving>;

/** The result of a tag by a basis. It can be deleted and proved again. */
export const TagResult = defineEntity({
  name: "TagResult",
  tableName: "tag_result",
  properties: (p) => ({
    tagId: p.uuid().primary(),
    basisId: p.integer().primary(),
    tagVersion: p.integer(),
    inputDigest: p.text(),
    summary: p.json<TagSummary>(),
    marks: p.json<TagMarks>(),
    provedAt: p.datetime(),
  }),
});

/** The drift of an issued sheet by a basis. */
export const SheetResult = defineEntity({
  name: "SheetResult",
  tableName: "sheet_result",
  properties: (p) => ({
    sheetId: p.uuid().primary(),
    basisId: p.integer().primary(),
    outcome: p.text().$type<SheetDrift["outcome"]>(),
    grave: p.integer(),
    drift: p.json<SheetDrift>(),
    provedAt: p.datetime(),
  }),
});

/** Somebody acknowledged the drift of a sheet, with a reason; never changed. */
export const DriftAcknowledged = defineEntity({
  name: "DriftAcknowledged",
  tableName: "drift_acknowledged",
  properties: (p) => ({
    sheetId: p.uuid().primary(),
    basisId: p.integer().primary(),
    reason: p.text(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

import { defineEntity, type InferEntity } from "@mikro-orm/core";
import type { Proving as ProvingDocument, ProvingWhat } from "@proven-seat/contract";
import type { SheetDrift, TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";

/** A list or the sheets of a project, proved as a job. */
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

/** What was found of a tag by a basis; made again where it is thrown away. */
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

/** What became of an issued sheet by a basis. */
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

/** That somebody has seen what became of a sheet, and why it may stand; never changed. */
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

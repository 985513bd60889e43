import { defineEntity, type InferEntity } from "@mikro-orm/core";
import type { Choice } from "@proven-seat/contract";
import { Project } from "./project.ts";

export const Tag = defineEntity({
  name: "Tag",
  tableName: "tag",
  properties: (p) => ({
    id: p.uuid().primary(),
    project: () => p.manyToOne(Project).ref(),
    number: p.text(),
    /** Key that is equal for numbers that look alike; unique in a project. */
    numberKey: p.text(),
    service: p.text(),
    unit: p.text(),
    /** The current duty, as it was written: read it with dutyOf. Every saved one stays in duty_version. */
    duty: p.json<unknown>(),
    dutyVersion: p.integer(),
    choice: p.json<Choice>().nullable(),
    remarks: p.json<Record<string, string>>(),
    version: p.integer(),
    createdAt: p.datetime(),
    createdBy: p.text(),
    updatedAt: p.datetime(),
    updatedBy: p.text(),
  }),
});
export type Tag = InferEntity<typeof Tag>;

/** A duty as it was saved; never changed. */
export const DutyVersion = defineEntity({
  name: "DutyVersion",
  tableName: "duty_version",
  properties: (p) => ({
    tagId: p.uuid().primary(),
    version: p.integer().primary(),
    duty: p.json<unknown>(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

import { defineEntity, type InferEntity } from "@mikro-orm/core";

export const Project = defineEntity({
  name: "Project",
  tableName: "project",
  properties: (p) => ({
    id: p.uuid().primary(),
    name: p.text(),
    note: p.text(),
    opensOn: p.uuid().nullable(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});
export type Project = InferEntity<typeof Project>;

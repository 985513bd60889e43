import { unitSystems } from "@proven-seat/core/basis/units";
import { dutyDefaultsSchema, noDefaults } from "@proven-seat/core/duty";
import { z } from "zod";
import { trimmed } from "./records.ts";

/** Settings of a project: name, defaults of its tags, numbering. */
const projectContent = {
  name: trimmed(120).min(1, "A project needs a name."),
  note: trimmed(2000).default(""),
  /** Values its tags start from. */
  defaults: dutyDefaultsSchema().default(noDefaults),
  /** Number of a new tag: the run of # is the next figure. */
  numbering: trimmed(40)
    .regex(/^[^#]*#+[^#]*$/, "A numbering pattern needs one group of #, for example XV-####.")
    .default("NEW-#"),
  unitSystem: z.enum(unitSystems).default("metric"),
  standards: trimmed(2000).default(""),
};
export const projectSchema = z.object({
  id: z.uuid(),
  ...projectContent,
  archived: z.boolean(),
  /** Basis of its tags and sheets, until a user changes it. */
  catalogueRevision: z.int(),
  houseRuleVersion: z.int(),
  version: z.int(),
  tags: z.number().int(),
  opensOn: z.uuid().nullable(),
});
export const newProjectSchema = z.strictObject({
  ...projectContent,
  /** Project whose tags and settings it starts with. */
  copyOf: z.uuid().optional(),
});
/** A project is sent back with the version it was read at. */
export const saveProjectSchema = z.strictObject({
  ...projectContent,
  archived: z.boolean(),
  version: z.int(),
});

export type NewProject = z.infer<typeof newProjectSchema>;
export type SaveProject = z.infer<typeof saveProjectSchema>;
export type Project = z.infer<typeof projectSchema>;

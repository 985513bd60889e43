import type { Field } from "../field.ts";
import { text } from "../holds.ts";

export const pipeSchedule: Field<"pipeSchedule", string | null> = {
  path: "pipeSchedule",
  label: "Pipe schedule",
  short: "schedule",
  group: "line",
  ...text(20),
  headings: ["pipe schedule", "schedule", "sch"],
  means: ["schedule", "pipe schedule"],
};

import { calculate } from "./calculate.ts";
import { drawUp } from "./draw-up.ts";
import { jobRecord } from "./job-record.ts";
import { plan } from "./plan.ts";
import { prove } from "./prove.ts";
import { readList } from "./read-list.ts";
import { readProject } from "./read-project.ts";
import { pdf, reprove } from "./sheets.ts";
import { tagRows, tagWorkbook } from "./tables.ts";

/** Tasks that take too long for the server's own thread. */
export const tasks = {
  calculate,
  drawUp,
  jobRecord,
  pdf,
  plan,
  prove,
  readList,
  readProject,
  reprove,
  tagRows,
  tagWorkbook,
};

export type TaskName = keyof typeof tasks;
export type InputOf<Name extends TaskName> = Parameters<(typeof tasks)[Name]>[0];
export type ResultOf<Name extends TaskName> = Awaited<ReturnType<(typeof tasks)[Name]>>;

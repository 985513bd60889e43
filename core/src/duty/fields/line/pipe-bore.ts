import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const pipeBore: Field<"pipeBoreMm", number | null> = {
  path: "pipeBoreMm",
  label: "Pipe bore",
  group: "line",
  ...quantity("length", "Pipe bore", [1, 3000], "mm"),
  why: "Reducers at the valve cause pressure loss, and a disc can hit the pipe.",
  raised: ({ cases, function: tasks }) =>
    (tasks?.includes("throttling") ?? false) || cases.some(({ rate }) => (rate ?? 0) > 0),
  assumed: "the nominal size of the valve",
  otherwise: ({ dn }) => (dn === null ? [] : [Math.round(1.3 * dn)]),
  headings: ["pipe bore", "pipe bore, mm", "bore of pipe"],
  means: ["pipe bore"],
};

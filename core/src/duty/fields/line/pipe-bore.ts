import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const pipeBore: Field<"pipeBoreMm", number | null> = {
  path: "pipeBoreMm",
  label: "Pipe bore",
  group: "line",
  ...quantity("length", "Pipe bore", [1, 3000], "mm"),
  why: "Reducers beside a valve take pressure of the flow, and a disc may strike the pipe.",
  raised: ({ cases, function: tasks }) =>
    (tasks?.includes("throttling") ?? false) || cases.some(({ rate }) => (rate ?? 0) > 0),
  assumed: "as wide as the valve",
  otherwise: ({ dn }) => (dn === null ? [] : [Math.round(1.3 * dn)]),
  headings: ["pipe bore", "pipe bore, mm", "bore of pipe"],
  means: ["pipe bore"],
};

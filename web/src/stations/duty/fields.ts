import { type AnyField, type Duty, fieldsOfDuty, type Group } from "@proven-seat/core/duty";

/** A row of the panel: a field, or the two ends of a range. */
export type PanelRow =
  | { readonly kind: "field"; readonly field: AnyField }
  | { readonly kind: "range"; readonly name: string; readonly low: AnyField; readonly high: AnyField };

export type PanelGroup = Group;

/** Paths of the fields that the rest of a duty makes irrelevant: one text, for a quick comparison. */
export const hiddenPaths = (duty: Duty): string =>
  fieldsOfDuty
    .filter(({ shown }) => shown !== undefined && !shown(duty))
    .map(({ path }) => path)
    .join(" ");

/** Groups of the panel in order; size and line class come before them. */
export const panelGroups: readonly { readonly id: Group; readonly name: string }[] = [
  { id: "line", name: "Line" },
  { id: "task", name: "Task" },
  { id: "drive", name: "Drive" },
  { id: "site", name: "Site" },
];

/** Fields with an entry of their own before the groups, or drawn among the fluid's. */
const apart = new Set([
  "dn",
  "lineDesignation",
  "fluid.name",
  "fluid.substance",
  "fluid.hazards",
  "fluid.setAside",
  "fluid.setAsideBecause",
]);

/** Rows of a group, in the order of the fields. */
export function panelRows(group: Group, fields: readonly AnyField[] = fieldsOfDuty): PanelRow[] {
  return fields
    .filter((field) => field.group === group && !apart.has(field.path) && field.range?.end !== "high")
    .map((field): PanelRow => {
      const { range } = field;
      const high = range && fields.find((f) => f.range?.name === range.name && f.range.end === "high");
      return range && high ? { kind: "range", name: range.name, low: field, high } : { kind: "field", field };
    });
}

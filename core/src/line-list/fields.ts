import {
  caseKinds,
  endConnections,
  flowDirections,
  operators,
  phases,
  shutOffRates,
  supplyLossActions,
  valveFunctions,
} from "../duty/duty.ts";
import { serviceFamilies } from "../reference/suitability.ts";
import type { Quantity } from "../units/units.ts";

/** What a column may hold. */
export type FieldKind =
  | { readonly kind: "text"; readonly most: number }
  | { readonly kind: "size" }
  | { readonly kind: "designation" }
  | { readonly kind: "number" }
  | { readonly kind: "yes-no" }
  | { readonly kind: "choice"; readonly options: readonly string[] }
  | { readonly kind: "quantity"; readonly quantity: Quantity };

/** A field of a line list: where it goes and which headings mean it. */
export interface LineListField {
  readonly id: string;
  readonly label: string;
  readonly of: "tag" | "case" | "normal" | "maximum";
  readonly holds: FieldKind;
  /** Headings, lower case, without units, spaces reduced to one. */
  readonly headings: readonly string[];
}

const text = (most: number): FieldKind => ({ kind: "text", most });
const choice = (options: readonly string[]): FieldKind => ({ kind: "choice", options });
const pressure: FieldKind = { kind: "quantity", quantity: "pressure" };
const temperature: FieldKind = { kind: "quantity", quantity: "temperature" };

/** Fields in the order the export writes them; `normal` and `maximum` are for one-row-a-tag lists. */
export const lineListFields: readonly LineListField[] = [
  {
    id: "number",
    label: "Tag",
    of: "tag",
    holds: text(40),
    headings: ["tag", "tag no", "tag no.", "tag number", "valve tag", "valve no", "item"],
  },
  {
    id: "service",
    label: "Service",
    of: "tag",
    holds: text(120),
    headings: ["service", "service description", "description"],
  },
  { id: "unit", label: "Unit", of: "tag", holds: text(60), headings: ["unit", "plant unit", "system"] },
  {
    id: "dn",
    label: "Size",
    of: "tag",
    holds: { kind: "size" },
    headings: ["size", "dn", "nps", "nominal size", "valve size", "line size"],
  },
  {
    id: "lineDesignation",
    label: "Line class",
    of: "tag",
    holds: { kind: "designation" },
    headings: ["line class", "class", "rating", "flange rating", "pressure class"],
  },
  {
    id: "endConnection",
    label: "End connection",
    of: "tag",
    holds: choice(endConnections),
    headings: ["end connection", "ends", "end", "connection"],
  },
  {
    id: "pipeSchedule",
    label: "Pipe schedule",
    of: "tag",
    holds: text(20),
    headings: ["pipe schedule", "schedule", "sch"],
  },
  {
    id: "fluid.name",
    label: "Fluid",
    of: "tag",
    holds: text(80),
    headings: ["fluid", "medium", "fluid name"],
  },
  {
    id: "fluid.family",
    label: "Service family",
    of: "tag",
    holds: choice(serviceFamilies),
    headings: ["service family", "fluid family", "family"],
  },
  {
    id: "fluid.phase",
    label: "Phase",
    of: "tag",
    holds: choice(phases),
    headings: ["phase", "state", "fluid phase"],
  },
  {
    id: "function",
    label: "Function",
    of: "tag",
    holds: choice(valveFunctions),
    headings: ["function", "duty", "valve function"],
  },
  {
    id: "flowDirection",
    label: "Flow direction",
    of: "tag",
    holds: choice(flowDirections),
    headings: ["flow direction", "direction", "pressure from"],
  },
  {
    id: "shutOff",
    label: "Shut-off rate",
    of: "tag",
    holds: choice(shutOffRates),
    headings: ["shut-off rate", "shut-off", "leakage rate", "iso 5208 rate"],
  },
  {
    id: "fireSafe",
    label: "Fire-safe",
    of: "tag",
    holds: { kind: "yes-no" },
    headings: ["fire-safe", "fire safe", "fire tested"],
  },
  {
    id: "inLineRepair",
    label: "In-line repair",
    of: "tag",
    holds: { kind: "yes-no" },
    headings: ["in-line repair", "inline repair"],
  },
  {
    id: "operator",
    label: "Operator",
    of: "tag",
    holds: choice(operators),
    headings: ["operator", "actuator", "drive"],
  },
  {
    id: "onSupplyLoss",
    label: "On supply loss",
    of: "tag",
    holds: choice(supplyLossActions),
    headings: ["on supply loss", "on air loss", "fail action", "fail position"],
  },
  {
    id: "airMinimumBarG",
    label: "Lowest air supply",
    of: "tag",
    holds: pressure,
    headings: ["lowest air supply", "air min", "min air", "minimum air supply"],
  },
  {
    id: "airMaximumBarG",
    label: "Highest air supply",
    of: "tag",
    holds: pressure,
    headings: ["highest air supply", "air max", "max air", "maximum air supply"],
  },
  {
    id: "longestShutDays",
    label: "Longest shut, days",
    of: "tag",
    holds: { kind: "number" },
    headings: ["longest shut, days", "longest shut", "days shut"],
  },
  {
    id: "strokesPerYear",
    label: "Strokes a year",
    of: "tag",
    holds: { kind: "number" },
    headings: ["strokes a year", "strokes", "cycles per year", "strokes per year"],
  },
  {
    id: "ambientMinimumC",
    label: "Lowest ambient",
    of: "tag",
    holds: temperature,
    headings: ["lowest ambient", "ambient min", "min ambient"],
  },
  {
    id: "ambientMaximumC",
    label: "Highest ambient",
    of: "tag",
    holds: temperature,
    headings: ["highest ambient", "ambient max", "max ambient"],
  },
  {
    id: "area",
    label: "Hazardous area",
    of: "tag",
    holds: text(60),
    headings: ["hazardous area", "area class", "area", "zone"],
  },
  { id: "id", label: "Case id", of: "case", holds: text(40), headings: ["case id"] },
  {
    id: "kind",
    label: "Case kind",
    of: "case",
    holds: choice(caseKinds),
    headings: ["case kind", "case type", "kind"],
  },
  {
    id: "name",
    label: "Case",
    of: "case",
    holds: text(60),
    headings: ["case", "case name", "operating case"],
  },
  {
    id: "upstreamBarG",
    label: "Upstream",
    of: "case",
    holds: pressure,
    headings: ["upstream", "upstream pressure", "p1", "inlet pressure", "pressure"],
  },
  {
    id: "downstreamBarG",
    label: "Downstream",
    of: "case",
    holds: pressure,
    headings: ["downstream", "downstream pressure", "p2", "outlet pressure"],
  },
  {
    id: "temperatureC",
    label: "Temperature",
    of: "case",
    holds: temperature,
    headings: ["temperature", "temp", "t"],
  },
  {
    id: "flow",
    label: "Pressure from",
    of: "case",
    holds: choice(["forward", "reverse"]),
    headings: ["case flow", "flow"],
  },
  {
    id: "mayBeShut",
    label: "May be shut",
    of: "case",
    holds: { kind: "yes-no" },
    headings: ["may be shut", "shut in this case"],
  },
  {
    id: "normal.upstreamBarG",
    label: "Normal pressure",
    of: "normal",
    holds: pressure,
    headings: ["normal pressure", "operating pressure", "op press", "oper press"],
  },
  {
    id: "normal.temperatureC",
    label: "Normal temperature",
    of: "normal",
    holds: temperature,
    headings: ["normal temperature", "operating temperature", "op temp", "oper temp"],
  },
  {
    id: "maximum.upstreamBarG",
    label: "Maximum pressure",
    of: "maximum",
    holds: pressure,
    headings: ["maximum pressure", "design pressure", "max pressure", "design press", "des press"],
  },
  {
    id: "maximum.temperatureC",
    label: "Maximum temperature",
    of: "maximum",
    holds: temperature,
    headings: [
      "maximum temperature",
      "design temperature",
      "max temperature",
      "max temp",
      "design temp",
      "des temp",
    ],
  },
];

const byId = new Map(lineListFields.map((field) => [field.id, field]));

/**
 * A line-list field by id.
 *
 * @param id for example "dn"
 * @returns the field, or undefined
 * @throws never
 * @source lineListFields
 * @example lineListField("dn").label // → "Size"
 */
export function lineListField(id: string): LineListField | undefined {
  return byId.get(id);
}

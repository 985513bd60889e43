import type { Unit } from "@proven-seat/core/rules";
import { figure, inSystem, marginText, type UnitSystem } from "@proven-seat/core/units";
import type { HeldBy } from "../workers/views.ts";

export interface ReadingUnits {
  readonly system: UnitSystem;
  readonly absolute: boolean;
}

export const verdictText: Record<string, string> = {
  holds: "text-holds",
  tight: "text-tight",
  fails: "text-fails",
  "cannot tell": "text-cannot",
  "not asked": "text-dim",
};

/** A figure in the reader's units, with its unit. */
export function figureText(
  value: number | string | null,
  unit: Unit,
  { system, absolute }: ReadingUnits,
): string {
  if (value === null) return "–";
  if (typeof value === "string") return value;
  if (unit === "DN") return `DN ${value}`;
  const shown = inSystem(value, unit, system, absolute);
  return `${figure(shown.value)}${shown.unit ? ` ${shown.unit}` : ""}`;
}

/** A margin in the reader's units. */
export function marginWords(margin: number | null, unit: "%" | "K" | null, { system }: ReadingUnits): string {
  if (margin === null || unit === null) return "";
  return unit === "K" && system === "US"
    ? marginText(margin * 1.8, "K").replace("K", "°F")
    : marginText(margin, unit);
}

/** The sentence that holds a candidate back. */
export function heldSentence(held: HeldBy, units: ReadingUnits): string {
  if (held.verdict === "cannot tell")
    return `${held.asks}: ${held.says.charAt(0).toLowerCase()}${held.says.slice(1)}`;
  const limit =
    held.limit === null
      ? ""
      : ` ${held.sense === "is" ? "for" : held.sense === "≥" && typeof held.value === "number" ? "above" : "of"} ${figureText(held.limit, held.unit, units)}`;
  const value = held.value === null ? held.says : `${figureText(held.value, held.unit, units)}${limit}`;
  const at = held.caseName ? ` at ${held.caseName}` : "";
  const margin = marginWords(held.margin, held.marginUnit, units);
  return `${held.asks}: ${value}${at}${margin ? ` (${margin})` : ""}`;
}

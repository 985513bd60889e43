import { npsLabel } from "@proven-seat/core/duty";
import { trueSign, type Unit } from "@proven-seat/core/rules";
import { figure, inSystem, marginText, type Reading, shownUnit } from "@proven-seat/core/units";
import type { HeldBy } from "../workers/views.ts";

export type ReadingUnits = Reading;

export const verdictText: Record<string, string> = {
  holds: "text-holds",
  tight: "text-tight",
  fails: "text-fails",
  "cannot tell": "text-cannot",
  "not asked": "text-dim",
};

/** Whoever reads lengths in inches reads sizes in NPS. */
export const readsInches = (reading: Reading) => shownUnit("length", reading) === "in";

/** A nominal size in the language of the reader. */
export const sizeText = (dn: number, reading: Reading) => (readsInches(reading) ? npsLabel(dn) : `DN ${dn}`);

/** A figure in the reader's units, with its unit. */
export function figureText(value: number | string | null, unit: Unit, reading: Reading): string {
  if (value === null) return "–";
  if (typeof value === "string") return value;
  if (unit === "DN") return sizeText(value, reading);
  const shown = inSystem(value, unit, reading);
  return `${figure(shown.value)}${shown.unit ? ` ${shown.unit}` : ""}`;
}

/** A margin in the reader's units. */
export function marginWords(margin: number | null, unit: "%" | "K" | null, reading: Reading): string {
  if (margin === null || unit === null) return "";
  return unit === "K" && shownUnit("temperature difference", reading) === "°F"
    ? marginText(margin * 1.8, "K").replace("K", "°F")
    : marginText(margin, unit);
}

/** Names like A352, PTFE or CO₂ keep their capitals; an ordinary first word does not. */
const startingSmall = (sentence: string) => {
  const rest = sentence.replace(/\.$/, "");
  return /^[A-Z][a-z]*\b/.test(rest) && /^[A-Z][a-z\s]/.test(rest)
    ? `${rest.charAt(0).toLowerCase()}${rest.slice(1)}`
    : rest;
};

/** The sentence that holds a candidate back. */
export function heldSentence(held: HeldBy, units: ReadingUnits): string {
  const at = held.caseName ? ` at ${held.caseName}` : "";
  // Counts of joints or barriers say less than the sentence about them.
  const counted = held.unit === "" && held.margin === null;
  if (held.verdict === "cannot tell" || held.sense === "is" || counted)
    return `${held.asks}: ${startingSmall(held.says)}`;
  const value = figureText(held.value, held.unit, units);
  if (held.limit === null)
    return `${held.asks}: ${value}${at}${held.verdict === "fails" ? ", beyond the end of the limit" : ""}`;
  const margin = marginWords(held.margin, held.marginUnit, units);
  return `${held.asks}: ${value} ${trueSign(held.sense, held.value, held.limit)} ${figureText(held.limit, held.unit, units)}${at}${margin ? ` (${margin})` : ""}`;
}

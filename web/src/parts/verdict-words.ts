import { figureText, marginWords, type Reading } from "@proven-seat/core/basis/units";
import type { HeldBy } from "@proven-seat/core/judgement/proof";
import { trueSign } from "@proven-seat/core/judgement/rules";

export type ReadingUnits = Reading;

export const verdictText: Record<string, string> = {
  holds: "text-holds",
  tight: "text-tight",
  fails: "text-fails",
  "cannot tell": "text-cannot",
  "not asked": "text-dim",
};

/** Names like A352, PTFE or CO₂ keep their capitals; an ordinary first word does not. */
const startingSmall = (sentence: string) => {
  const rest = sentence.replace(/\.$/, "");
  return /^[A-Z][a-z]*\b/.test(rest) && /^[A-Z][a-z\s]/.test(rest)
    ? `${rest.charAt(0).toLowerCase()}${rest.slice(1)}`
    : rest;
};

/** The sentence that holds a candidate back. */
export function heldSentence(held: HeldBy, units: ReadingUnits): string {
  const place = held.caseName ? ` at ${held.caseName}` : "";
  // Counts of joints or barriers say less than the sentence about them.
  const counted = held.unit === "" && held.margin === null;
  if (held.verdict === "cannot tell" || held.sense === "is" || counted)
    return `${held.asks}: ${startingSmall(held.says)}`;
  const value = figureText(held.value, held.unit, units);
  if (held.limit === null)
    return `${held.asks}: ${value}${place}${held.verdict === "fails" ? ", outside the range of the limit" : ""}`;
  const margin = marginWords(held.margin, held.marginUnit, units);
  return `${held.asks}: ${value} ${trueSign(held.sense, held.value, held.limit)} ${figureText(held.limit, held.unit, units)}${place}${margin ? ` (${margin})` : ""}`;
}

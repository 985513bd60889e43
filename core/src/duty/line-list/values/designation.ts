import { parseDesignation } from "../../../basis/reference/pressure-temperature.ts";
import { type LineListField, lineListField } from "../fields.ts";
import { optionIn } from "./option.ts";
import type { Reading } from "./reading.ts";

const classes =
  /(?:\b(?:ansi|asme|class|classe|clase|cl|klasse|rating|b16\.\d+)\b\.?\s*#?\s*)+(\d{2,4})\b|#\s*(\d{2,4})\b|\b(\d{2,4})\s*(?:#|lbs?\b\.?|pounds?\b)/i;
const pns = /\bpn\s*[-.]?\s*(\d+(?:[.,]\d+)?)\b/i;
const glued = /\b(?:cl|ansi|asme)(\d{3,4})\b/i;
const bare = /^(\d{2,4})(?=$|[\s,/]+[a-z])/i;

interface Found {
  readonly designation: string;
  readonly rest: string;
}

/**
 * The class or PN in a text, and the text beside it.
 *
 * @param text of the cell
 * @param bareToo whether a figure alone is a class
 * @returns designation and the rest of the text; null where there is none
 * @example designationIn("900 RTJ", true).designation // → "class 900"
 */
function designationIn(text: string, bareToo: boolean): Found | null {
  const pn = pns.exec(text);
  const match = pn ?? glued.exec(text) ?? classes.exec(text) ?? (bareToo ? bare.exec(text.trim()) : null);
  if (!match) return null;
  const figure = match.slice(1).find((group) => group !== undefined)!;
  const designation = pn ? `PN ${figure.replace(",", ".")}` : `class ${figure}`;
  if (!parseDesignation(designation)) return null;
  return { designation, rest: text.replace(match[0], " ").replace(/\s+/g, " ").trim() };
}

const ends = (): LineListField => lineListField("endConnection")!;
const endOptions = (): readonly string[] => (ends().holds as { options: readonly string[] }).options;

/**
 * Reads a cell that holds a class or a PN, perhaps with the kind of ends.
 *
 * @param cell text
 * @param unit "PN" or "class": meaning of a number alone; null where the list does not state it
 * @returns the designation, the ends beside it, or the reason
 * @example readDesignation("150#", null) // → {"value":"class 150"}
 */
export function readDesignation(cell: string, unit: string | null): Reading {
  const bare = /^\d+([.,]\d+)?$/.test(cell.trim());
  const found =
    (unit === "PN" && bare ? designationIn(`PN ${cell}`, false) : null) ?? designationIn(cell, true);
  if (!found && bare) {
    const pn = designationIn(`PN ${cell}`, false);
    if (pn) return { value: pn.designation, guess: `"${cell}" is read as ${pn.designation}.` };
  }
  if (!found) return { reason: `"${cell}" is not a class or PN, for example "class 300" or "PN 40".` };
  const { designation: value, rest } = found;
  const other = designationIn(rest, false);
  if (other && other.designation !== value)
    return { reason: `"${cell}" names two ratings. State the rating of the line.` };
  const end = rest === "" ? null : optionIn(rest, ends(), endOptions());
  return end ? { value, also: { endConnection: end.option } } : { value };
}

/**
 * Reads a cell that holds the kind of ends, perhaps with the class.
 *
 * @param cell text
 * @param field the field of the ends
 * @returns the ends, the class beside them, or the reason
 */
export function readEnds(cell: string, field: LineListField): Reading {
  const rating = designationIn(cell, false) ?? designationIn(cell, true);
  const text = rating ? rating.rest : cell;
  const end = optionIn(text, field, endOptions());
  if (!end) return { reason: `"${cell}" is not one of: ${endOptions().join(", ")}.` };
  return {
    value: end.option,
    ...(rating ? { also: { lineDesignation: rating.designation } } : {}),
    ...(end.guess ? { guess: `"${cell}" is read as ${end.option}.` } : {}),
  };
}

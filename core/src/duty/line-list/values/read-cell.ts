import { cleanText, textFault } from "../../../basis/text/clean.ts";
import { unguardFormula } from "../../../basis/text/formula.ts";
import { convertUnit, unitsOf } from "../../../basis/units/units.ts";
import type { LineListField } from "../fields.ts";
import { readDesignation, readEnds } from "./designation.ts";
import { notStated } from "./not-stated.ts";
import { type Decimal, parseNumeral } from "./numeral.ts";
import { readOption, readSet, readYesNo } from "./option.ts";
import { flowIn, readQuantity } from "./quantity.ts";
import type { Cell, Reading } from "./reading.ts";
import { readSize } from "./size.ts";

const asText = (cell: Cell) => (typeof cell === "number" ? String(cell) : cell);

function readText(cell: string, maximum: number): Reading {
  const fault = textFault(cell);
  if (fault !== null) return { reason: fault };
  // The mark that stops spreadsheets from running a cell as a formula is not part of the text.
  const value = cleanText(unguardFormula(cell)).trim();
  return value.length > maximum ? { reason: `Longer than ${maximum} characters.` } : { value };
}

function readNumber(cell: Cell, unit: string, decimal: Decimal): Reading {
  if (typeof cell === "number") return { value: cell };
  const text = cell.trim();
  const bare =
    unit !== "" && text.toLowerCase().endsWith(unit.toLowerCase()) ? text.slice(0, -unit.length) : text;
  const value = parseNumeral(bare, decimal);
  return value === null ? { reason: `"${cell}" is not a number.` } : { value };
}

function readFlow(cell: Cell, unit: string | null, decimal: Decimal): Reading {
  const match = typeof cell === "string" ? /^([-+\d.,'\s]*\d)\s*([^\d\s].*)?$/u.exec(cell.trim()) : null;
  const written = match?.[2] ?? unit;
  const figure = typeof cell === "number" ? cell : match && parseNumeral(match[1]!, decimal);
  if (figure === null) return { reason: `"${cell}" is not a flow.` };
  if (written === null) return { value: figure };
  const flow = flowIn(written);
  if (!flow) return { reason: `"${cell}" is not a number with a unit of flow.` };
  return {
    value: Number(convertUnit(figure, flow.quantity, flow.unit, unitsOf(flow.quantity)[0]!).toPrecision(12)),
    also: { rateBasis: flow.basis },
  };
}

/** Classes of control valves, with or without their standard; class I is not tested. */
const controlClass =
  /^(?:(?:fci|iec|ansi|class|cl\.?|klasse|classe|clase)[\s./-]*(?:70-2|60534-4)?[\s,]*)*(vi|v|iv|iii|ii|[2-6])$/i;
const romans = ["II", "III", "IV", "V", "VI"];
/** Entries in place of a leakage rate that allow no test: a class without a test, test standards. */
const otherTightness = /^(?:class|cl\.?|klasse|classe|clase)?[\s.]*i$|^api\s?(598|6d|6fa|607)$/i;
/** Texts in which a dash or "n/a" means nothing; the tag's own texts stay as they are. */
const mayBeDash = new Set(["area", "unit", "fluid.name"]);

/**
 * Reads one cell of a line list.
 *
 * @param cell text
 * @param field of the column
 * @param unit unit of the column, "DN" or "NPS" for a size; null where none applies
 * @param decimal decimal sign of the list
 * @returns the value in core units, null when not stated; the ends of a range; or the reason it cannot be read
 * @source the line list
 * @example readCell("300#", lineListField("lineDesignation"), null, ".") // → {"value":"class 300"}
 */
export function readCell(cell: Cell, field: LineListField, unit: string | null, decimal: Decimal): Reading {
  const text = asText(cell).trim();
  const { holds } = field;
  if (holds.kind === "text")
    return text === "" || (mayBeDash.has(field.id) && notStated(text))
      ? { value: null }
      : readText(text, holds.most);
  if (notStated(text)) return { value: null };
  const ofControl = field.id === "shutOff" ? controlClass.exec(text)?.[1]?.toUpperCase() : undefined;
  if (ofControl) return { value: `class ${romans[Number(ofControl) - 2] ?? ofControl}` };
  if (field.id === "shutOff" && otherTightness.test(text))
    return {
      value: null,
      guess: `"${text}" is not a rate of ISO 5208 or a class of IEC 60534-4. State the required one.`,
      keep: true,
    };
  switch (holds.kind) {
    case "size":
      return readSize(cell, unit === "NPS" ? "NPS" : "DN");
    case "designation":
      return readDesignation(text, unit);
    case "number":
      return field.id.endsWith("rate")
        ? readFlow(cell, unit, decimal)
        : readNumber(cell, holds.unit, decimal);
    case "yes-no":
      return readYesNo(text);
    case "choice":
      return field.id === "endConnection" ? readEnds(text, field) : readOption(text, field, holds.options);
    case "substance":
      return readOption(text, field, holds.options);
    case "set":
      return readSet(text, field, holds.options);
    case "quantity":
      return readQuantity(cell, holds.quantity, { unit: unit ?? unitsOf(holds.quantity)[0]!, decimal });
  }
}

import type { Quantity } from "../../../basis/units/definitions.ts";
import { convertUnit, unitsOf } from "../../../basis/units/units.ts";
import { unitNamed } from "../../../basis/units/written.ts";
import { type Decimal, parseNumeral } from "./numeral.ts";
import type { Cell, Reading } from "./reading.ts";

const atmosphereBar = 1.01325;
const vacuum =
  /^(f\.?v\.?|full vac(uum)?|vac(uum)?|vollvakuum|vakuum|vide( total)?|vac[ií]o( total)?|vuoto( totale)?|v[aá]cuo( total)?|vacu[uü]m|-?\s?1(\.013|\.01325)?\s*\/?\s*f\.?v\.?)$/i;
const atmospheric =
  /^(atm|atm\.|atmos|atmosph[eèé]r(e|ic|ique|isch)|atmosf[eé]ric[ao]|atmosferisch|drucklos)$/i;
const ambient =
  /^(amb|amb\.|ambient|room( temp\.?)?|rt|umgebung|umg\.?|raumtemperatur|ambiante?|ambiente|temp\.? amb\.?|omgeving)$/i;
const hedges = /^(?:ca\.?|c\.|approx\.?|about|abt\.?|around|env\.?|circa|~|≈|±)\s*/i;
const bounds =
  /^(?:max\.?|min\.?|up to|bis|≤|≥|<=|>=|<|>|jusqu'à|hasta|fino a|até|tot)\s*|\s*(?:max\.?|min\.?)$/i;

const figure = String.raw`[-+−]?\s?(?:\d+(?:[.,'’\u00a0\u2009\u202f ]\d+)*|[.,]\d+)(?:e[-+]?\d+)?(?![.,]?\d)`;
const single = new RegExp(String.raw`^(${figure})\s*(.*)$`, "iu");
const between = String.raw`\s*(?:\/|to|bis|à|a|até|tot|÷|…|\.\.+|~|&|;|\|)\s*`;
const end = String.raw`(?:${figure}|f\.?v\.?|atm\.?|amb\.?)`;
const two = new RegExp(String.raw`^(${end})\s*([^\d\s/]*?)(?:${between}|\s*[-–]\s*)(${end})\s*(.*)$`, "iu");
const three = new RegExp(String.raw`^(${end})${between}(${end})${between}(${end})\s*(.*)$`, "iu");

export interface ColumnUnit {
  readonly unit: string;
  readonly decimal: Decimal;
}

/** Pressures given by a word: vacuum and atmosphere in the home unit. */
function word(text: string, quantity: Quantity): number | null {
  if (quantity !== "pressure" && quantity !== "vapour pressure") return null;
  const absolute = quantity === "vapour pressure" ? atmosphereBar : 0;
  if (vacuum.test(text)) return absolute - atmosphereBar;
  return atmospheric.test(text) ? absolute : null;
}

/** Figures of a list have fewer places than the noise of a conversion. */
const converted = (value: number, quantity: Quantity, from: string) => {
  const to = unitsOf(quantity)[0]!;
  return from === to ? value : Number(convertUnit(value, quantity, from, to).toPrecision(12));
};

/** The numbers of a text in the home unit; null where one of them is not a number. */
function figures(
  parts: readonly string[],
  unitText: string,
  quantity: Quantity,
  { unit, decimal }: ColumnUnit,
): number[] | null {
  const written = unitText.trim() === "" ? unit : unitNamed(unitText, quantity);
  if (written === null) return null;
  const found = parts.map((part) => {
    const said = word(part.trim(), quantity);
    if (said !== null) return said;
    const value = parseNumeral(part.replace(/^([-+−])\s/, "$1"), decimal);
    return value === null ? null : converted(value, quantity, written);
  });
  return found.includes(null) ? null : (found as number[]);
}

const sayWhy = (cell: string, quantity: Quantity): Reading => ({
  reason: `"${cell}" is not a number with a unit of ${quantity}.`,
});

/**
 * Reads a cell with a number in its own unit or the column's, a range, or a word for one.
 *
 * @param cell text
 * @param quantity of the value
 * @param column unit of a number without one, decimal sign of the list
 * @returns the value in the home unit, the ends of a range, null for the surroundings' own temperature, or the reason
 * @source the product's unit table; full vacuum is 0 bar absolute
 * @example readQuantity("-49/120", "temperature", { unit: "°C", decimal: "." }) // → {"ends":{"low":-49,"normal":null,"high":120}}
 */
export function readQuantity(cell: Cell, quantity: Quantity, column: ColumnUnit): Reading {
  if (typeof cell === "number") return { value: converted(cell, quantity, column.unit) };
  const said = word(cell.trim(), quantity);
  if (said !== null) return { value: said };
  if (quantity === "temperature" && ambient.test(cell.trim()))
    return { value: null, guess: `"${cell}" means ambient temperature. State the ambient range.` };
  const hedged = hedges.test(cell) || bounds.test(cell);
  const text = cell.trim().replace(hedges, "").replace(bounds, "").trim();
  const guess = hedged ? { guess: `"${cell}" is read as the number in it.` } : {};
  const alone = single.exec(text);
  const lone = alone && figures([alone[1]!], alone[2]!, quantity, column);
  if (lone) return { value: lone[0]!, ...guess };
  const triple = three.exec(text);
  if (triple) {
    const found = figures(triple.slice(1, 4), triple[4]!, quantity, column);
    if (found && found[0]! <= found[1]! && found[1]! <= found[2]!)
      return { ends: { low: found[0]!, normal: found[1]!, high: found[2]! }, ...guess };
  }
  const pair = two.exec(text);
  const ends = pair && figures([pair[1]!, pair[3]!], pair[4]! || pair[2]!, quantity, column);
  if (ends) return { ends: { low: Math.min(...ends), normal: null, high: Math.max(...ends) }, ...guess };
  return sayWhy(cell, quantity);
}

const flows: readonly (readonly [quantity: Quantity, basis: string])[] = [
  ["volume flow", "m³/h"],
  ["gas flow", "Nm³/h"],
  ["mass flow", "kg/h"],
];

/**
 * The quantity a flow is counted in by its unit.
 *
 * @param unit as written
 * @returns quantity, label of the unit, and the duty's basis; null where it is no unit of flow
 * @example flowIn("gpm").basis // → "m³/h"
 */
export function flowIn(unit: string): { quantity: Quantity; unit: string; basis: string } | null {
  for (const [quantity, basis] of flows) {
    const label = unitNamed(unit, quantity);
    if (label !== null) return { quantity, unit: label, basis };
  }
  return null;
}

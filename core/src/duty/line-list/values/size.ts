import { nominalSizes, parseNominalSize } from "../../../basis/units/sizes.ts";
import type { Cell, Reading } from "./reading.ts";

const inch = String.raw`(?:"|″|''|’’|in\.?|inch(?:es)?|zoll|pouces?|po|pulg(?:adas?)?\.?|poll(?:ici)?\.?|pol(?:egadas)?\.?|duim)`;
const asInch = new RegExp(String.raw`^(?:nps|ø|dia\.?)?\s*(.+?)\s*${inch}$`, "i");
const asDn = /^(?:dn|nb|nw|ø|d)\s*(\d+)(?:\s*mm)?$|^(\d+)\s*(?:mm|nb|dn|nw)$/i;

const fractions: Readonly<Record<string, string>> = { "¼": "1/4", "½": "1/2", "¾": "3/4" };

function inches(text: string): number | null {
  const plain = text
    .replace(/[¼½¾]/g, (sign) => ` ${fractions[sign]}`)
    .replace(/["″]/g, "")
    .replace(",", ".")
    .replace(/\s+/g, " ")
    .trim();
  return parseNominalSize(plain, "NPS") ?? parseNominalSize(plain.replace(/-/g, " "), "NPS");
}

function oneSize(text: string, unit: "DN" | "NPS"): number | null {
  const written = text.trim();
  const dn = asDn.exec(written);
  if (dn) {
    const size = Number(dn[1] ?? dn[2]);
    return nominalSizes.includes(size) ? size : null;
  }
  const inch = asInch.exec(written);
  if (inch) return inches(inch[1]!);
  if (/^nps\s/i.test(written)) return inches(written.slice(3));
  // A fraction is no figure of millimetres.
  return unit === "NPS" || /\d\/\d|[¼½¾]/.test(written) ? inches(written) : parseNominalSize(written, "DN");
}

/**
 * Reads a nominal size in either language, or in both at once.
 *
 * @param cell text
 * @param unit meaning of a number without a word
 * @param decimal decimal sign of the list
 * @returns DN, or the reason, also where a cell holds two different sizes
 * @source ISO 6708 / ASME B36.10 size pairs
 * @example readSize("DN 50 / 2\"", "DN").value // → 50
 */
export function readSize(cell: Cell, unit: "DN" | "NPS"): Reading {
  const text = String(cell).trim();
  const whole = oneSize(text, unit);
  if (whole !== null) return { value: whole };
  // "2-1/2" and "1/2" contain signs that also separate two sizes: only a text that is no size is split.
  const parts = text
    .replace(/[()]/g, " / ")
    .split(
      /\s*(?:\s\/\s?|\/\s|=|\bor\b|;)\s*|(?<=["″m\d])\s*\/\s*(?=[dDnN])|(?<=\d{2})\/(?=\d+\s*["″])|(?<=(?:dn|DN)\s?\d+)\s*\/\s*/u,
    )
    .filter((part) => part.trim() !== "");
  const sizes = parts.map((part) => oneSize(part, /["″]|in|nps/i.test(part) ? "NPS" : unit));
  if (parts.length > 1 && !sizes.includes(null)) {
    if (new Set(sizes).size === 1) return { value: sizes[0] };
    return { reason: `"${text}" names two sizes. State the size of the valve.` };
  }
  const reducing = /^(.+?)["″]?\s*x\s*(.+)$/i.exec(text);
  if (reducing && oneSize(reducing[1]!, unit) !== null && oneSize(reducing[2]!, unit) !== null)
    return { reason: `"${text}" names two sizes. State the size of the valve.` };
  return {
    reason: `"${text}" is not a nominal size${unit === "NPS" ? " in NPS" : ", for example DN 50 or NPS 2"}.`,
  };
}

/**
 * Whether the bare figures of a column of sizes are DN or NPS.
 *
 * @param cells cells of the column
 * @returns the language they can be read in; null where both do or neither
 * @example sizesIn(["2", "1 1/2", "10"]) // → "NPS"
 */
export function sizesIn(cells: readonly Cell[]): "DN" | "NPS" | null {
  let [dn, nps] = [0, 0];
  for (const cell of new Set(cells)) {
    const text = String(cell).trim();
    const [asDN, asNPS] = [oneSize(text, "DN"), oneSize(text, "NPS")];
    if (asDN !== null && asNPS === null) dn++;
    if (asNPS !== null && asDN === null) nps++;
  }
  return dn === nps ? null : dn > nps ? "DN" : "NPS";
}

import type { Holds } from "../duty/fields/index.ts";
import { parseDesignation } from "../reference/pressure-temperature.ts";
import { cleanText, textFault, unguardFormula } from "../text/index.ts";
import { parseNominalSize } from "../units/sizes.ts";
import { parseQuantity } from "../units/units.ts";

export type CellReading = { readonly value: unknown } | { readonly reason: string };

const yes = new Set(["yes", "y", "true", "1", "x"]);
const no = new Set(["no", "n", "false", "0"]);

function readNumber(cell: string): CellReading {
  const value = Number(cell.replace(/[\s\u2009]/g, "").replace("−", "-"));
  return Number.isFinite(value) ? { value } : { reason: `"${cell}" is not a number.` };
}

/**
 * Reads one cell of a line list.
 *
 * @param cell text without blanks around it; "" means not stated
 * @param holds what the column holds
 * @param unit unit of the column, "DN" or "NPS" for a size
 * @param decimal decimal sign of the file
 * @returns the value in core units, null when not stated, or the reason it cannot be read
 * @source the line list
 * @example readCell("300#", { kind: "designation" }, null, ".") // → {"value":"class 300"}
 */
export function readCell(cell: string, holds: Holds, unit: string | null, decimal: "." | ","): CellReading {
  if (cell === "") return { value: null };
  const figure =
    decimal === ","
      ? cell.replace(/\.(?=\d{3}\b)/g, "").replace(",", ".")
      : cell.replace(/,(?=\d{3}\b)/g, "");
  switch (holds.kind) {
    case "text": {
      const fault = textFault(cell);
      if (fault !== null) return { reason: fault };
      // The mark that keeps spreadsheets from running a cell as a formula is not part of the text.
      const value = cleanText(unguardFormula(cell)).trim();
      return value.length > holds.most ? { reason: `Longer than ${holds.most} characters.` } : { value };
    }
    case "size": {
      const dn = parseNominalSize(figure, unit === "NPS" ? "NPS" : "DN");
      return dn === null
        ? {
            reason: `"${cell}" is not a nominal size${unit === "NPS" ? " in NPS" : ", for example DN 50 or NPS 2"}.`,
          }
        : { value: dn };
    }
    case "designation": {
      const written = cell
        .replace(/^#?\s*(\d+)\s*(#|lbs?)?$/i, "class $1")
        .replace(/^cl(ass)?\.?\s*/i, "class ")
        .replace(/^pn\s*/i, "PN ");
      return parseDesignation(written)
        ? { value: written }
        : { reason: `"${cell}" is not a class or PN, for example "class 300" or "PN 40".` };
    }
    case "number":
      return readNumber(figure);
    case "yes-no": {
      const word = cell.toLowerCase();
      if (yes.has(word)) return { value: true };
      return no.has(word) ? { value: false } : { reason: `"${cell}" is neither yes nor no.` };
    }
    case "choice":
    case "substance": {
      const option = holds.options.find((o) => o.toLowerCase() === cell.toLowerCase());
      return option === undefined
        ? { reason: `"${cell}" is none of: ${holds.options.join(", ")}.` }
        : { value: option };
    }
    case "set": {
      if (cell.toLowerCase() === "none") return { value: [] };
      const words = cell.split(";").map((word) => word.trim().toLowerCase());
      const unknown = words.find((word) => !holds.options.includes(word));
      return unknown === undefined
        ? { value: words }
        : {
            reason: `"${unknown}" is none of: ${holds.options.join(", ")}. Separate several with semicolons.`,
          };
    }
    case "quantity": {
      const value = parseQuantity(figure, holds.quantity, unit!);
      return value === null
        ? { reason: `"${cell}" is not a figure in a unit of ${holds.quantity}.` }
        : { value };
    }
  }
}

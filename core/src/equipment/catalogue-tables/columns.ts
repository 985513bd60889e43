import { cleanText, textFault } from "../../basis/text/clean.ts";
import { guardFormula, unguardFormula } from "../../basis/text/formula.ts";

/** One column of a table: its heading, where its value lives in the row's object, and how a cell is read. */
export interface Column {
  readonly heading: string;
  /** Path in the object the row becomes; parts joined by dots. */
  readonly path: string;
  readonly kind: "text" | "number" | "yes or no" | "list";
  /** An empty cell is nothing; elsewhere it is a fault. */
  readonly optional: boolean;
}

const column =
  (kind: Column["kind"], optional = false) =>
  (heading: string, path = camel(heading)): Column => ({ heading, path, kind, optional });

/** bore_mm → boreMm */
const camel = (heading: string) => heading.replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase());

/**
 * A column of words.
 *
 * @param heading as written
 * @param path in the row's object
 * @returns the column
 * @source docs/catalogue.md
 * @example text("maker").path // → "maker"
 */
export const text = column("text");
export const number = column("number");
export const yesNo = column("yes or no");
export const list = column("list");
export const optionalText = column("text", true);
export const optionalList = column("list", true);
export const optionalYesNo = column("yes or no", true);
export const optionalNumber = column("number", true);

export type Cells = Record<string, unknown>;

/**
 * Writes a value as a cell.
 *
 * @param value of the column's kind
 * @param column how it is written
 * @returns the cell's text; nothing for null
 * @source docs/catalogue.md
 * @example cellOf(true, yesNo("vacuum")) // → "yes"
 */
export function cellOf(value: unknown, { kind }: Column): string {
  if (value === null || value === undefined) return "";
  if (kind === "yes or no") return value ? "yes" : "no";
  if (kind === "number") return String(value);
  return guardFormula(kind === "list" ? (value as string[]).join("; ") : String(value));
}

/**
 * Reads a cell.
 *
 * @param cell text
 * @param column how it is read
 * @returns the value, or a sentence why it cannot be read
 * @source docs/catalogue.md
 * @example readCell("x", number("dn")).fault // → "\"x\" is not a number. Write 12.5, not 12,5"
 */
export function readCell(
  cell: string,
  { kind, optional, heading }: Column,
): { value: unknown } | { fault: string } {
  const written = cleanText(unguardFormula(cell.trim())).trim();
  const wrong = textFault(written);
  if (wrong !== null) return { fault: wrong };
  if (written === "") return optional ? { value: null } : { fault: `${heading} is missing` };
  switch (kind) {
    case "number": {
      const value = Number(written.replace(/\s/g, ""));
      return Number.isFinite(value)
        ? { value }
        : { fault: `"${written}" is not a number. Write 12.5, not 12,5` };
    }
    case "yes or no":
      return /^(yes|no)$/i.test(written)
        ? { value: /^yes$/i.test(written) }
        : { fault: `"${written}" is not yes or no` };
    case "list":
      return {
        value: written
          .split(";")
          .map((part) => part.trim())
          .filter(Boolean),
      };
    default:
      return { value: written };
  }
}

/**
 * Sets the value at a path and creates missing objects on the way.
 *
 * @param row the object
 * @param path parts joined by dots
 * @param value new value
 */
export function put(row: Cells, path: string, value: unknown): void {
  const parts = path.split(".");
  let here = row;
  for (const part of parts.slice(0, -1)) {
    here[part] ??= {};
    here = here[part] as Cells;
  }
  here[parts.at(-1)!] = value;
}

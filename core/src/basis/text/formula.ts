/**
 * A spreadsheet runs a cell that begins with one of these as a formula, even after blanks and line ends. A text that
 * begins with the guard itself is guarded too.
 */
const runs = /^'*[\s\p{Cc}]*[=+\-@|\uff1d\uff0b\uff0d\uff20]/u;
const guarded = /^'+[\s\p{Cc}]*[=+\-@|\uff1d\uff0b\uff0d\uff20]/u;

/**
 * Guards a text against being run as a formula by a spreadsheet.
 *
 * @param text a cell's text
 * @returns the cell; `unguardFormula` gives the text back
 * @source practice of spreadsheets: an apostrophe makes a cell text
 * @example guardFormula("=1+1") // → "'=1+1"
 */
export function guardFormula(text: string): string {
  return runs.test(text) ? `'${text}` : text;
}

/**
 * The text of a cell that `guardFormula` wrote.
 *
 * @param cell as read
 * @returns the text without the mark
 * @source practice of spreadsheets: an apostrophe makes a cell text
 * @example unguardFormula("'=1+1") // → "=1+1"
 */
export function unguardFormula(cell: string): string {
  return guarded.test(cell) ? cell.slice(1) : cell;
}

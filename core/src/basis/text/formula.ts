/**
 * A spreadsheet runs a cell as a formula that begins with one of these, whatever blanks and line ends stand before
 * it; a text that begins with the mark itself and would look guarded is guarded too.
 */
const runs = /^'*[\s\p{Cc}]*[=+\-@|\uff1d\uff0b\uff0d\uff20]/u;
const guarded = /^'+[\s\p{Cc}]*[=+\-@|\uff1d\uff0b\uff0d\uff20]/u;

/**
 * A text as a cell of a table that a spreadsheet may open: what it would run gets a mark before it.
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

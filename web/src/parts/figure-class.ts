/** Typeface for numbers or for words, where a cell may hold either. */
export const figureClass = (value: number | string | null): string =>
  typeof value === "string" && !/\d/.test(value) ? "" : "figures";

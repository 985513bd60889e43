/** Figures stand in the face of figures, words in that of words, where either may stand. */
export const figureClass = (value: number | string | null): string =>
  typeof value === "string" && !/\d/.test(value) ? "" : "figures";

/**
 * Words and phrases of a list in one text.
 *
 * @param text words parted by commas; lines may end anywhere between them
 * @returns the words in order
 * @example listed("fail closed, fc").length // → 2
 */
export const listed = (text: string): string[] =>
  text.split(",").map((word) => word.replace(/\s+/g, " ").trim());

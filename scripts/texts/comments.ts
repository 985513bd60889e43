import { parseSync } from "oxc-parser";
import type { UserText } from "./collect.ts";

/** Comments that tools read. */
const directive = /^\s*(biome-ignore|@ts-|@vitest)/;

/**
 * Every comment of a source file, without its stars.
 *
 * @param file its path, which decides how it is parsed
 * @param source its content
 * @returns comments in order, with the line they begin on
 */
export function commentsOf(file: string, source: string): UserText[] {
  return parseSync(file, source)
    .comments.filter(({ value }) => !directive.test(value))
    .map(({ value, start }) => ({
      file,
      line: source.slice(0, start).split("\n").length,
      text: value.replace(/^\s*\*+ ?/gm, "").trim(),
    }));
}

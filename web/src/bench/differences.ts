import microdiff from "microdiff";
import type { TagContent } from "./content.ts";

export interface ContentDifference {
  readonly path: string;
  readonly yours: string;
  readonly theirs: string;
}

const words = (value: unknown): string =>
  value === null || value === undefined || value === ""
    ? "blank"
    : typeof value === "object"
      ? JSON.stringify(value)
      : String(value);

/** Differences of two versions of a tag, field by field. */
export function differencesBetween(yours: TagContent, theirs: TagContent): ContentDifference[] {
  return microdiff({ ...yours } as Record<string, unknown>, { ...theirs } as Record<string, unknown>).map(
    (d) => ({
      path: d.path.map((part) => (typeof part === "number" ? part + 1 : part)).join(" · "),
      yours: d.type === "CREATE" ? "blank" : words(d.oldValue),
      theirs: d.type === "REMOVE" ? "blank" : words(d.value),
    }),
  );
}

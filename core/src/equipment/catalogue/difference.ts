import diff from "microdiff";
import type { Catalogue } from "./schema.ts";

/** Difference of one line or family between two catalogues. */
export interface CatalogueChange {
  readonly kind: "added" | "removed" | "changed";
  readonly of: "line" | "drives" | "accessories";
  readonly id: string;
  readonly maker: string;
  readonly name: string;
  /** Figures and words that differ, by their place in the line; sizes are named by DN and class. */
  readonly values: readonly { readonly place: string; readonly was: unknown; readonly now: unknown }[];
}

type Item = Catalogue["lines" | "drives" | "accessories"][number];

/** Rows of lists are identified by content, so that an inserted size does not shift the following ones. */
const nameOf = (row: unknown, index: number): string => {
  if (typeof row !== "object" || row === null) return String(index + 1);
  const { dn, designation, id, grade, seat, arrangement, part } = row as Record<string, unknown>;
  if (dn !== undefined) return `DN ${dn} ${designation}`;
  return String(id ?? grade ?? seat ?? arrangement ?? part ?? index + 1);
};
const named = (value: unknown): unknown => {
  if (Array.isArray(value)) {
    if (value.every((v) => typeof v !== "object")) return value;
    return Object.fromEntries(value.map((row, i) => [nameOf(row, i), named(row)]));
  }
  if (typeof value === "object" && value !== null)
    return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, named(v)]));
  return value;
};

/**
 * Changes between two catalogues, line by line.
 *
 * @param was the earlier catalogue
 * @param now the later catalogue
 * @returns changes in the order of the later catalogue, removals last; none where they are equal
 * @source comparison by id of line and family, by name of rows within
 */
export function catalogueDifference(was: Catalogue, now: Catalogue): CatalogueChange[] {
  const compare = (
    changed: CatalogueChange["of"],
    before: readonly Item[],
    after: readonly Item[],
  ): CatalogueChange[] => {
    const old = new Map(before.map((item) => [item.id, item]));
    const head = ({ id, maker, name }: Item) => ({ of: changed, id, maker, name });
    const here = after.flatMap((item): CatalogueChange[] => {
      const earlier = old.get(item.id);
      old.delete(item.id);
      if (!earlier) return [{ kind: "added", ...head(item), values: [] }];
      const values = diff(named(earlier) as object, named(item) as object).map((change) => ({
        place: change.path.join(", "),
        was: change.type === "CREATE" ? null : change.oldValue,
        now: change.type === "REMOVE" ? null : change.value,
      }));
      return values.length === 0 ? [] : [{ kind: "changed", ...head(item), values }];
    });
    return [
      ...here,
      ...[...old.values()].map((item): CatalogueChange => ({ kind: "removed", ...head(item), values: [] })),
    ];
  };
  return [
    ...compare("line", was.lines, now.lines),
    ...compare("drives", was.drives, now.drives),
    ...compare("accessories", was.accessories, now.accessories),
  ];
}

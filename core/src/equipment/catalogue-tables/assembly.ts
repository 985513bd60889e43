import type { CatalogueFault } from "../catalogue/fault.ts";
import type { Cells } from "./columns.ts";
import { type TableName, tables } from "./definitions.ts";

/** A row with its place in the file. */
export interface ReadRow {
  readonly values: Cells;
  readonly row: number;
}

/** Where each part of the document came from: "lines/x|sizes.3" → the row of sizes.csv. */
export type Origins = Map<string, { readonly name: TableName; readonly row: number }>;

const keyOf = (values: Cells, keys: readonly string[]) => JSON.stringify(keys.map((key) => values[key]));

/** Rows of all tables, grouped by their parents. */
export class Assembly {
  readonly faults: CatalogueFault[] = [];
  readonly origins: Origins = new Map();
  readonly #tables: Readonly<Record<TableName, readonly ReadRow[]>>;
  /** Rows of a table by the keys of their parent, built once. */
  readonly #gathered = new Map<string, Map<string, ReadRow[]>>();

  constructor(read: Readonly<Record<TableName, readonly ReadRow[]>>) {
    this.#tables = read;
  }

  /** Rows of a table that belong to a parent, in their order; each is remembered by its place. */
  of(name: TableName, parent: Cells, place: string): Cells[] {
    const keys = Object.keys(parent);
    return (this.#by(name, keys).get(keyOf(parent, keys)) ?? []).map(({ values, row }, i) => {
      this.origins.set(`${place}.${i}`, { name, row });
      const own = { ...values };
      for (const key of keys) delete own[key];
      return own;
    });
  }

  #by(name: TableName, keys: readonly string[]): Map<string, ReadRow[]> {
    const which = `${name}|${keys.join()}`;
    let groups = this.#gathered.get(which);
    if (!groups) {
      groups = new Map();
      for (const row of this.#tables[name]) {
        const key = keyOf(row.values, keys);
        const group = groups.get(key);
        if (group) group.push(row);
        else groups.set(key, [row]);
      }
      this.#gathered.set(which, groups);
    }
    return groups;
  }

  /** Rows whose parent is not there. */
  orphans(
    name: TableName,
    owner: TableName,
    keys: readonly (readonly [own: string, parents: string])[],
  ): void {
    const known = new Set(
      this.#tables[owner].map(({ values }) =>
        keyOf(
          values,
          keys.map(([, k]) => k),
        ),
      ),
    );
    for (const { values, row } of this.#tables[name])
      if (
        !known.has(
          keyOf(
            values,
            keys.map(([k]) => k),
          ),
        )
      )
        this.faults.push({
          file: tables[name].file,
          row,
          field: keys.at(-1)![0],
          reason: `no matching row in ${tables[owner].file}: ${keys.map(([k]) => String(values[k])).join(", ")}`,
        });
  }
}

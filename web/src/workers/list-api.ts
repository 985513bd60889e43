import { tagKey } from "@proven-seat/core/basis/text";
import type { UnitSystem } from "@proven-seat/core/basis/units";
import { type DutyDefaults, noDefaults, withDefaults } from "@proven-seat/core/duty";
import {
  bestSheet,
  type Cell,
  type ColumnPlan,
  convertLineList,
  type Decisions,
  findTable,
  type LineListFault,
  type ListedChange,
  type ListedTag,
  type ListReading,
  planFor,
  type Revised,
  revise,
  type Table,
} from "@proven-seat/core/duty/line-list";
import { type ListFile, readListFile, type SheetToWrite } from "@proven-seat/core/duty/workbook";
import { digestOf } from "@proven-seat/core/judgement/proof";

/** Content of a file. */
export interface OpenedFile {
  readonly sheets: readonly { readonly name: string; readonly rows: number }[];
  readonly note: string | null;
  readonly best: number;
}

/** A list as it was found, without its rows. */
export interface ListHead {
  readonly headings: readonly string[];
  readonly units: readonly string[];
  readonly headingRows: readonly number[];
  readonly rows: number;
  readonly skipped: Table["skipped"];
  readonly hidden: readonly number[];
  readonly decimal: "." | ",";
  readonly delimiter: string | null;
  readonly preview: readonly (readonly Cell[])[];
  /** Equal for lists with the same headings. */
  readonly shape: string;
  readonly plan: readonly ColumnPlan[];
}

const shownAtMost = 300;

/** The shown part of a reading: the first entries of long lists, and their count. */
export interface ListView {
  readonly tags: number;
  readonly cases: number;
  readonly faults: readonly LineListFault[];
  readonly faultCount: number;
  readonly faultyRows: readonly number[];
  /** Rows that belong to no tag to be stored. */
  readonly waiting: readonly number[];
  /** Cells of the rows with shown faults. */
  readonly cells: Readonly<Record<number, readonly Cell[]>>;
  readonly unknown: ListReading["unknown"];
  readonly guesses: ListReading["guesses"];
  readonly guessCount: number;
  readonly suggestions: ListReading["suggestions"];
  readonly suggestionCount: number;
  readonly pairs: ListReading["pairs"];
  readonly repeated: ListReading["repeated"];
}

/** A list compared with the project. */
export interface Comparison {
  readonly fresh: number;
  readonly same: number;
  readonly changed: readonly {
    readonly key: string;
    readonly number: string;
    readonly changes: readonly ListedChange[];
    /** Why they cannot be imported; null where they can. */
    readonly fault: string | null;
  }[];
  readonly gone: readonly string[];
}

/** A tag of the project that a list contains, at the version that was seen. */
export type MetTag = ListedTag & { readonly version: number };

const previewRows = 8;

/** Rows kept for later, as a list. */
export interface KeptRows {
  readonly headings: readonly string[];
  readonly units: readonly string[];
  readonly decimal: "." | ",";
  readonly rows: readonly { readonly row: number; readonly cells: readonly Cell[] }[];
}

/** Defaults of the project where the list states nothing: once, for all new tags. */
function plantValuesSaid(reading: ListReading, defaults: DutyDefaults): ListReading["guesses"] {
  const filled = new Set(reading.tags.flatMap(({ duty }) => withDefaults(duty, defaults).filled));
  if (filled.size === 0) return [];
  return [
    {
      row: reading.rows[0]!,
      number: "new tags",
      column: "",
      field: "defaults",
      says: `For blank cells the values of the project apply: ${[...filled].join(", ")}.`,
    },
  ];
}

/** Guessed paths of each tag: a fluid's name implies more than one value. */
function guessedOf({ guesses }: ListReading): ReadonlyMap<string, ReadonlySet<string>> {
  const found = new Map<string, Set<string>>();
  for (const { number, field } of guesses) {
    const paths = found.get(number) ?? new Set<string>();
    found.set(number, paths);
    paths.add(field);
    if (field === "fluid.family")
      for (const path of ["fluid.substance", "fluid.phase", "fluid.name"]) paths.add(path);
  }
  return found;
}

/** The part of a reading that the page shows. Long lists are cut, with their full count. */
function viewOf(reading: ListReading, table: Table, guesses: ListView["guesses"]): ListView {
  const { tags, faults, unknown, suggestions, pairs, waiting, repeated } = reading;
  const faulty = [...new Set(faults.map(({ row }) => row))];
  const shown = new Set([
    ...faulty.slice(0, shownAtMost),
    ...pairs.slice(0, 100).flatMap(({ rows }) => rows),
  ]);
  return {
    tags: tags.length,
    cases: tags.reduce((sum, { duty }) => sum + duty.cases.length, 0),
    faults: faults.filter(({ row }) => shown.has(row)),
    faultCount: faults.length,
    faultyRows: faulty,
    waiting,
    cells: Object.fromEntries(
      table.rows.filter(({ row }) => shown.has(row)).map(({ row, cells }) => [row, cells]),
    ),
    unknown: unknown.slice(0, shownAtMost),
    guesses: guesses.slice(0, shownAtMost),
    guessCount: guesses.length,
    suggestions: suggestions.slice(0, shownAtMost),
    suggestionCount: suggestions.length,
    pairs,
    repeated,
  };
}

/** Changed tags by key, with the version the change is based on. */
type RevisedTags = Map<string, Revised & { readonly version: number }>;

/** Compares the list with the tags of the same numbers; `all` has the numbers of all tags. */
function comparisonOf(
  reading: ListReading,
  table: Table,
  met: readonly MetTag[],
  allKeys: readonly string[],
): { readonly comparison: Comparison; readonly revised: RevisedTags } {
  const there = new Map(met.map((tag) => [tagKey(tag.number), tag]));
  const ownIds = table.headings.includes("Case id");
  const guessed = guessedOf(reading);
  const revised: RevisedTags = new Map();
  const changed: Comparison["changed"][number][] = [];
  let [fresh, same] = [0, 0];
  const listed = new Set<string>();
  for (const tag of reading.tags) {
    const key = tagKey(tag.number);
    listed.add(key);
    const was = there.get(key);
    if (!was) {
      fresh++;
      continue;
    }
    const { version, ...standing } = was;
    const next = revise(standing, tag, { ownIds, guessed: guessed.get(tag.number) ?? new Set() });
    revised.set(key, { ...next, version });
    if (next.changes.length === 0) same++;
    else changed.push({ key, number: was.number, changes: next.changes, fault: next.fault });
  }
  const gone = allKeys.filter((number) => !listed.has(tagKey(number)));
  return { comparison: { fresh, same, changed, gone }, revised };
}

/** Reading lists, off the interface's thread: ten thousand rows take seconds. */
export function listApi() {
  let file: ListFile | null = null;
  let table: Table | null = null;
  let reading: ListReading | null = null;
  let plantValues = noDefaults;
  let usually: UnitSystem = "metric";
  /** From the last reading of the list; null until it is compared. */
  let revised: RevisedTags | null = null;

  function head(plan: readonly ColumnPlan[] | null): ListHead {
    const { headings, units, headingRows, rows, skipped, decimal, grid } = table!;
    return {
      headings,
      units,
      headingRows,
      rows: rows.length,
      skipped,
      hidden: grid.hidden,
      decimal,
      delimiter: grid.delimiter,
      preview: rows.slice(0, previewRows).map(({ cells }) => cells),
      shape: digestOf({ headings, units }),
      plan: plan ?? planFor(table!, usually),
    };
  }

  return {
    async open(bytes: Uint8Array<ArrayBuffer>): Promise<OpenedFile> {
      file = await readListFile(bytes);
      return {
        sheets: file.grids.map(({ name, rows }) => ({ name, rows: rows.length })),
        note: file.note,
        best: bestSheet(file.grids),
      };
    },
    /** A sheet of the file; `system` is the project's, for columns without a unit. */
    use(sheet: number, system: UnitSystem): ListHead {
      usually = system;
      table = findTable(file!.grids[sheet]!);
      return head(null);
    },
    useRows({ headings, units, decimal, rows }: KeptRows, plan: readonly ColumnPlan[]): ListHead {
      const grid = { name: "", rows: [], hidden: [], delimiter: null };
      table = { grid, headings, units, headingRows: [], rows, skipped: [], decimal };
      return head(plan);
    },
    read(plan: readonly ColumnPlan[], decisions: Decisions, defaults: DutyDefaults): ListView {
      reading = convertLineList(table!, plan, decisions);
      plantValues = defaults;
      revised = null;
      return viewOf(reading, table!, [...plantValuesSaid(reading, defaults), ...reading.guesses]);
    },
    /** The list as it was read last against tags of the project it meets; `all` are the numbers of every tag there is. */
    compare(met: readonly MetTag[], allKeys: readonly string[]): Comparison {
      const found = comparisonOf(reading!, table!, met, allKeys);
      revised = found.revised;
      return found.comparison;
    },
    /** Numbers of the tags that are whole. */
    numbers: (): string[] => reading!.tags.map(({ number }) => number),
    /**
     * The tags to be stored: new ones with the project's defaults where the list states nothing, and accepted changes,
     * with the version each change is based on.
     */
    toStore(accepted: readonly string[]): (ListedTag & { readonly version?: number })[] {
      const acceptedSet = new Set(accepted);
      const compared = revised;
      if (compared === null)
        throw new Error("The list is still being compared with the project. Store it again.");
      return reading!.tags.flatMap((tag) => {
        const key = tagKey(tag.number);
        const next = compared.get(key);
        if (!next) return [{ ...tag, duty: withDefaults(tag.duty, plantValues).duty }];
        const wanted = acceptedSet.has(key) && next.changes.length > 0 && next.fault === null;
        return wanted ? [{ ...next.tag, version: next.version }] : [];
      });
    },
    /** A sheet as a workbook. */
    workbook: async (sheet: SheetToWrite): Promise<Uint8Array<ArrayBuffer>> => {
      const { workbookOf } = await import("./write-workbook.ts");
      return workbookOf([sheet], new Date());
    },
    /** Rows as in the file, to wait, with their corrections. */
    keep(rows: readonly number[], { cells: typed = {} }: Decisions): KeptRows {
      const wanted = new Set(rows);
      const { headings, units, decimal } = table!;
      return {
        headings,
        units,
        decimal,
        rows: table!.rows
          .filter(({ row }) => wanted.has(row))
          .map(({ row, cells }) => ({
            row,
            cells: headings.map((_, index) => typed[row]?.[index] ?? cells[index] ?? ""),
          })),
      };
    },
  };
}

export type ListApi = ReturnType<typeof listApi>;

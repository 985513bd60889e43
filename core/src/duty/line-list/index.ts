export { bestSheet } from "./best-sheet.ts";
export { convertLineList } from "./convert.ts";
export type { Pair } from "./duplicates.ts";
export { csvHeadings, csvRows, listedColumns, listedRows } from "./export.ts";
export { lineListField, lineListFields } from "./fields.ts";
export { gridOfText, NotATable } from "./grid.ts";
export type {
  Decisions,
  ListedTag,
  ListReading,
  UnknownValue,
} from "./list-reading.ts";
export { type ColumnPlan, isUnsure, planFor, unitChoices, unitSaid } from "./plan.ts";
export { type ListedChange, type Revised, revise } from "./revise.ts";
export type { LineListFault } from "./row.ts";
export { suggestionKey, suggestionsIn } from "./suggest.ts";
export { findTable, type Table } from "./table.ts";
export type { Cell } from "./values/reading.ts";

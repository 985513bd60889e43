import {
  csvHeadings,
  csvRows,
  type ListedTag,
  listedColumns,
  listedRows,
} from "@proven-seat/core/duty/line-list";
import { workbookOf } from "@proven-seat/core/duty/workbook";
import { dutyOf } from "../../store/stored.ts";
import { asBytes } from "../bytes.ts";

interface Listed {
  readonly tags: readonly ListedTag[];
  /** Headings of the remarks there are. */
  readonly remarks: readonly string[];
}

const newest = (tags: readonly ListedTag[]) => tags.map((tag) => ({ ...tag, duty: dutyOf(tag) }));

/** Some tags as rows of a line list; the first ones with the headings. */
export function tagRows({ tags, remarks, first }: Listed & { readonly first: boolean }) {
  const rows = csvRows(newest(tags), remarks);
  // The byte order mark tells spreadsheets that the file is UTF-8.
  return { bytes: asBytes(first ? `\uFEFF${csvHeadings(remarks)}${rows}` : rows) };
}

/** A whole line list as a workbook. */
export async function tagWorkbook({ tags, remarks }: Listed) {
  const rows = newest(tags).flatMap((tag) => listedRows(tag, remarks));
  return {
    bytes: await workbookOf([{ name: "Line list", columns: listedColumns(remarks), rows }], new Date()),
  };
}

import { csvHeadings, csvRows, type ListedTag } from "@proven-seat/core/line-list";
import { dutyOf } from "../../store/stored.ts";
import { asBytes } from "../told.ts";

/** Some tags as rows of a line list; the first ones with the headings. */
export function tagRows({ tags, first }: { tags: readonly ListedTag[]; first: boolean }) {
  const rows = csvRows(tags.map((tag) => ({ ...tag, duty: dutyOf(tag) })));
  // The mark at the beginning tells spreadsheets that it is UTF-8.
  return { bytes: asBytes(first ? `\uFEFF${csvHeadings()}${rows}` : rows) };
}

import { tableOfAdditions } from "./adding/table.ts";

const heading = "## What adding one thing touches\n";

/** The page of the house with its table of additions as the additions make it. */
export function houseWithTable(page: string): string {
  const [before, after] = page.split(heading);
  if (after === undefined) throw new Error("docs/house.md lost its heading of additions");
  // The table is the last of the page, below one paragraph.
  const words = after.slice(0, after.indexOf("\n|"));
  return `${before}${heading}${words}\n${tableOfAdditions().join("\n")}\n`;
}

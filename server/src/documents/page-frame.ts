import type { PrintedDocument } from "@proven-seat/core/outcome/documents";
import { type Document, dim, left, line, right, width, write, writeFitted } from "./page.ts";

/** Head of every page: name and subject of the document; begins the page and returns the y below. */
export function beginPage(doc: Document, printed: PrintedDocument): number {
  doc.addPage();
  write(doc, printed.name, left, 36, { font: "strong", size: 15 });
  writeFitted(doc, printed.of, right - 260, 34, { font: "strong", size: 17, width: 260, align: "right" });
  const ends = [
    write(doc, printed.where, left, 56, { colour: dim, width: 185 }),
    write(doc, printed.issued, right - 320, 56, { colour: dim, width: 250, align: "right" }),
  ];
  const below = Math.max(...ends) + 5;
  line(doc, below);
  return below + 8;
}

/** Foot of every page: the document's inputs and the page number. */
export function endPages(doc: Document, { fingerprint }: PrintedDocument): void {
  const { start, count } = doc.bufferedPageRange();
  for (let position = start; position < start + count; position++) {
    doc.switchToPage(position);
    write(doc, `page ${position + 1} of ${count}`, right - 70, 56, {
      colour: dim,
      width: 70,
      align: "right",
    });
    line(doc, 800);
    write(doc, fingerprint.madeOf, left, 804, { size: 6.5, colour: dim, width: 260 });
    write(doc, fingerprint.digest, left + 130, 804, {
      size: 6.5,
      colour: dim,
      width: width - 130,
      align: "right",
    });
  }
}

import type { PrintedDocument } from "@proven-seat/core/outcome/documents";
import { drawBlock } from "./blocks.ts";
import { newDocument } from "./page.ts";
import { beginPage, endPages } from "./page-frame.ts";

/** Any printed document as a PDF: its blocks from top to bottom, page after page. */
export function pdfOf(document: PrintedDocument): Promise<Buffer> {
  const doc = newDocument(`${document.of}, ${document.name}, ${document.issued}`);
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on("data", (chunk: Buffer) => chunks.push(chunk));
    doc.on("end", () => resolve(Buffer.concat(chunks)));
    doc.on("error", reject);
  });
  const nextPage = () => beginPage(doc, document);
  let y = nextPage();
  for (const block of document.blocks)
    y = drawBlock(block, { doc, y, lowest: 770, signatures: 786, nextPage });
  endPages(doc, document);
  doc.end();
  return done;
}

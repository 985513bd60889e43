import PDFDocument from "pdfkit";
import { dress } from "./dress.ts";
import { heightOfRuns, writeRuns } from "./runs.ts";
import { standIns, type Typeface, typefaces } from "./typefaces.ts";

export const ink = "#17262b";
export const dim = "#5a6460";
export const rule = "#cfc8b6";
export const verdictColours: Record<string, string> = {
  holds: "#1f6b5c",
  tight: "#8f5608",
  fails: "#9c2f23",
  "cannot tell": "#4a6079",
  "not asked": "#6b7470",
};

export const left = 42;
export const right = 553;
export const width = right - left;

export type Document = PDFKit.PDFDocument;

/** An A4 document with the product's typefaces registered. */
export function newDocument(title: string): Document {
  const doc = new PDFDocument({
    size: "A4",
    margins: { top: 36, bottom: 30, left, right: 42 },
    autoFirstPage: false,
    // Kept until the end, so that each page can say how many there are.
    bufferPages: true,
    info: { Title: title, Producer: "Proven Seat", Creator: "Proven Seat" },
    lang: "en",
    displayTitle: true,
  });
  for (const [name, path] of Object.entries({ ...typefaces, ...standIns })) doc.registerFont(name, path);
  return doc;
}

interface Words {
  font?: Typeface;
  size?: number;
  colour?: string;
  width?: number;
  align?: "left" | "right";
}

/** Sets face, size and colour; returns the runs of the text and their layout. */
function prepare(doc: Document, text: string, words: Words) {
  const runs = dress(text === "" ? " " : text, words.font ?? "plain");
  doc
    .font(runs[0]!.face)
    .fontSize(words.size ?? 8.5)
    .fillColor(words.colour ?? ink);
  return {
    runs,
    laid: { width: words.width ?? width, align: words.align ?? "left", lineBreak: true } as const,
  };
}

/** Height of a whole text. */
export function heightOf(doc: Document, text: string, words: Words = {}): number {
  const { runs, laid } = prepare(doc, text, words);
  return runs.length === 1 ? doc.heightOfString(runs[0]!.text, laid) : heightOfRuns(doc, runs, laid);
}

/**
 * Writes at a place and returns the y below it. Text that does not fit on a line continues on the next: nothing is cut.
 */
export function write(doc: Document, text: string, x: number, y: number, words: Words = {}): number {
  const high = heightOf(doc, text, words);
  const { runs, laid } = prepare(doc, text, words);
  if (runs.length === 1) doc.text(runs[0]!.text, x, y, { ...laid, height: high + 0.5 });
  else writeRuns(doc, runs, x, y, laid);
  return y + high;
}

const smallest = 6;

/** Writes on one line, smaller if necessary, and on several where that is not enough. */
export function writeFitted(doc: Document, text: string, x: number, y: number, words: Words): number {
  let size = words.size ?? 8.5;
  const high = () => heightOf(doc, text, { ...words, size });
  const oneLine = () => {
    prepare(doc, text, { ...words, size });
    return doc.currentLineHeight(true) * 1.6;
  };
  while (size > smallest && high() > oneLine()) size -= 0.5;
  return write(doc, text, x, y, { ...words, size });
}

export function line(doc: Document, y: number, from = left, to = right): void {
  doc.moveTo(from, y).lineTo(to, y).lineWidth(0.6).strokeColor(rule).stroke();
}

/** End view of the ball: the same shapes as on the screen, so that a mark needs no colour. */
export function boreMark(doc: Document, verdict: string, x: number, y: number, radius = 4): void {
  const colour = verdictColours[verdict] ?? dim;
  const cx = x + radius;
  const cy = y + radius;
  if (verdict === "not asked") return void doc.circle(cx, cy, 1).fill(colour);
  if (verdict === "cannot tell")
    return void doc
      .circle(cx, cy, radius - 0.5)
      .lineWidth(1)
      .strokeColor(colour)
      .stroke();
  const turn = verdict === "holds" ? 0 : verdict === "tight" ? 45 : 90;
  doc.save().circle(cx, cy, radius).clip();
  doc.rect(x, y, 2 * radius, 2 * radius).fill(colour);
  doc
    .rotate(turn, { origin: [cx, cy] })
    .rect(cx - 2 * radius, cy - radius * 0.3, 4 * radius, radius * 0.6)
    .fill("#ffffff");
  doc.restore();
}

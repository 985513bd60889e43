import type { Run } from "./dress.ts";

type Document = PDFKit.PDFDocument;

interface Laid {
  readonly width: number;
  readonly align: "left" | "right";
}

interface Word extends Run {
  readonly wide: number;
}

const han = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}]/u;

/** Possible line breaks: words with the blank after them, each character of a script without blanks. */
const wordsOf = (text: string): string[] =>
  text.split(/(?<=[ \n])/u).flatMap((word) => (han.test(word) ? [...word] : [word]));

/** Lines of a text set in several faces, each no wider than there is room. */
function linesOf(doc: Document, runs: readonly Run[], room: number): Word[][] {
  const lines: Word[][] = [[]];
  let used = 0;
  for (const { face, text } of runs)
    for (const word of wordsOf(text)) {
      const wide = doc.font(face).widthOfString(word);
      if (used > 0 && used + doc.widthOfString(word.trimEnd()) > room) {
        lines.push([]);
        used = 0;
      }
      lines.at(-1)!.push({ face, text: word.replace("\n", ""), wide });
      used += wide;
      if (word.endsWith("\n")) {
        lines.push([]);
        used = 0;
      }
    }
  return lines;
}

/** The height of the highest face of all runs. */
const lineHeight = (doc: Document, runs: readonly Run[]) =>
  Math.max(...runs.map(({ face }) => doc.font(face).currentLineHeight(true)));

/** Height of a text in several faces. */
export const heightOfRuns = (doc: Document, runs: readonly Run[], { width }: Laid): number =>
  linesOf(doc, runs, width).length * lineHeight(doc, runs);

/** Writes a text in several faces, word by word. */
export function writeRuns(
  doc: Document,
  runs: readonly Run[],
  x: number,
  y: number,
  { width, align }: Laid,
): void {
  const high = lineHeight(doc, runs);
  linesOf(doc, runs, width).forEach((line, i) => {
    const wide = line.reduce((sum, word) => sum + word.wide, 0);
    let left = align === "right" ? x + width - wide : x;
    for (const word of line) {
      doc.font(word.face).text(word.text, left, y + i * high, { lineBreak: false });
      left += word.wide;
    }
  });
}

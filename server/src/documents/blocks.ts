import type { Block, Pair } from "@proven-seat/core/outcome/documents";
import { code } from "./code.ts";
import { draw } from "./drawing.ts";
import type { Flow } from "./flow.ts";
import {
  boreMark,
  type Document,
  dim,
  heightOf,
  ink,
  left,
  line,
  verdictColours,
  width,
  write,
} from "./page.ts";

type Of<Kind extends Block["kind"]> = Extract<Block, { kind: Kind }>;
/** Draws a block and returns the y below it. */
type Draws = { readonly [Kind in Block["kind"]]: (block: Of<Kind>, flow: Flow) => number };

const half = width / 2 - 10;
const other = left + half + 20;

function pairs(doc: Document, name: string, rows: readonly Pair[], x: number, top: number): number {
  write(doc, name, x, top, { font: "strong", size: 10, width: half });
  let y = top + 15;
  for (const [label, value] of rows) {
    write(doc, label, x, y, { colour: dim, width: 98, size: 8 });
    y = write(doc, value, x + 100, y, { width: half - 100, size: 8 }) + 1.2;
  }
  return y;
}

/** Two groups in two columns; the shorter second leaves room for the rest of the first below it. */
function pairGroups({ groups }: Of<"pairs">, { doc, y: from }: Flow): number {
  const [first, second, ...more] = groups;
  // A single group follows others with a gap.
  const top = from + (second ? 0 : 8);
  if (!first) return top;
  const pairCount = first.pairs.length + (second?.pairs.length ?? 0);
  const split = Math.ceil((pairCount + 1) / 2);
  let leftEnd = pairs(doc, first.name, first.pairs.slice(0, split), left, top);
  let rightEnd = second ? pairs(doc, second.name, second.pairs, other, top) : top;
  if (split < first.pairs.length)
    rightEnd = pairs(doc, `${first.name}, continued`, first.pairs.slice(split), other, rightEnd + 4);
  for (const { name, pairs: rows } of more)
    if (leftEnd <= rightEnd) leftEnd = pairs(doc, name, rows, left, leftEnd + 4);
    else rightEnd = pairs(doc, name, rows, other, rightEnd + 4);
  return Math.max(leftEnd, rightEnd);
}

function table({ name, columns, rows }: Of<"table">, { doc, y: from, lowest, nextPage }: Flow): number {
  const top = from + 8;
  write(doc, name, left, top, { font: "strong", size: 10 });
  const shares = columns.reduce((sum, { share }) => sum + share, 0);
  const dense = rows.length > 12;
  const cells = (texts: readonly string[], y: number, heading: boolean): number => {
    let x = left;
    const ends = texts.map((text, i) => {
      const { share, figures } = columns[i]!;
      const wide = (share / Math.max(shares, width)) * width;
      const end = write(doc, text, x, y, {
        font: figures && !heading ? "figures" : "plain",
        size: dense ? 7.5 : figures && !heading ? 8 : 8.5,
        colour: heading ? dim : ink,
        width: wide - 6,
        align: figures ? "right" : "left",
      });
      x += wide;
      return end;
    });
    return Math.max(...ends);
  };
  let y =
    cells(
      columns.map(({ heading }) => heading),
      top + 15,
      true,
    ) + 2;
  line(doc, y - 1);
  for (const row of rows) {
    if (y > lowest) y = nextPage();
    y = Math.max(y + (dense ? 8.8 : 12), cells(row, y + 1, false) + 0.5);
  }
  return y + 8;
}

function verdict({ verdict: proved, says, counts, warning, notes }: Of<"verdict">, flow: Flow): number {
  const { doc } = flow;
  const warned = { font: "strong", colour: verdictColours.fails! } as const;
  const noted = notes === "" ? "" : `Notes: ${notes}`;
  // Verdict, cautions and signatures stay together: they move to the next page where there is no room.
  const long =
    (warning === null ? 0 : heightOf(doc, warning, warned)) + (noted === "" ? 0 : heightOf(doc, noted));
  const top = flow.y > Math.max(650 - long, 90) ? flow.nextPage() : flow.y;
  line(doc, top);
  boreMark(doc, proved, left, top + 9, 7);
  write(doc, proved, left + 20, top + 8, {
    font: "strong",
    size: 12,
    colour: verdictColours[proved] ?? ink,
    width: 120,
  });
  const said = write(doc, says, left + 120, top + 9.5, { width: width - 120 });
  const counted = write(doc, counts, left + 120, Math.max(top + 22, said), {
    colour: dim,
    width: width - 120,
  });
  let y = Math.max(top + 38, counted + 4);
  if (warning !== null) y = write(doc, warning, left, y, warned) + 3;
  if (noted !== "") y = write(doc, noted, left, y) + 3;
  line(doc, y + 6);
  return y + 6;
}

/** Two columns: the eye reads short lines, and a page with many cases has room for them. */
function cautions({ words }: Of<"cautions">, { doc, y: top }: Flow): number {
  write(doc, "Cautions", left, top + 5, { font: "strong", size: 10 });
  let y = top + 18;
  for (let i = 0; i < words.length; i += 2) {
    const ends = [left, other].map((x, side) =>
      write(doc, words[i + side] ?? "", x, y, { size: 7, width: half }),
    );
    y = Math.max(...ends) + 2;
  }
  return y;
}

/** Side by side, as large as the page allows; none where there is no room. */
function pictures({ pictures: pictureList }: Of<"pictures">, { doc, y, signatures }: Flow): number {
  const top = y + 4;
  const bottom = signatures - 24;
  if (bottom - top < 110) return y;
  const gap = 14;
  const wide = (width - gap * (pictureList.length - 1)) / pictureList.length;
  const under = 26;
  const high = Math.min(190, bottom - top - 16 - under);
  pictureList.forEach(({ name, drawing, caption }, i) => {
    const x = left + i * (wide + gap);
    write(doc, name, x, top, { font: "strong", size: 8, width: wide });
    draw(doc, drawing, x, top + 14, { wide, high });
    write(doc, caption, x, top + 16 + high, { size: 6.5, colour: dim, width: wide });
  });
  return top + 14 + high + under;
}

function signatures({ lines }: Of<"signatures">, { doc, signatures: y }: Flow): number {
  lines.forEach(({ role, by }, i) => {
    const x = left + (i * width) / lines.length;
    write(doc, by, x, y - 12, { width: 140 });
    line(doc, y, x, x + width / lines.length - 16);
    write(doc, role, x, y + 2, { size: 7, colour: dim, width: 100 });
  });
  return y + 12;
}

type Row = Of<"findings">["groups"][number]["rows"][number];

const smallWords = { width: width - 12, size: 6.2, colour: dim } as const;

/** The words of a finding's first line, each with its place. */
const cellsOf = (row: Row) =>
  [
    { text: row.asks, x: 12, words: { width: 132, size: 8 } },
    { text: row.verdict, x: 146, words: { width: 54, size: 8, colour: verdictColours[row.verdict] ?? ink } },
    { text: row.figures, x: 200, words: { width: 176, size: 8 } },
    { text: row.margin, x: 378, words: { width: 42, size: 8, align: "right" } },
    { text: row.caseName, x: 424, words: { width: 87, size: 8, colour: dim } },
  ] as const;

const firstLine = (doc: Document, row: Row) =>
  Math.max(10, ...cellsOf(row).map(({ text, words }) => heightOf(doc, text, words)));

const highOf = (doc: Document, row: Row) =>
  Math.max(26.5, firstLine(doc, row) + heightOf(doc, row.small, smallWords) + 4);

function finding(doc: Document, row: Row, y: number): number {
  boreMark(doc, row.verdict, left, y + 0.5, 3.6);
  for (const { text, x, words } of cellsOf(row)) write(doc, text, left + x, y, words);
  write(doc, row.small, left + 12, y + firstLine(doc, row), smallWords);
  return y + highOf(doc, row);
}

/** Findings that were asked in full, page after page; the others by name, so that nothing is left out. */
function findings({ groups, notAsked }: Of<"findings">, { doc, lowest, nextPage }: Flow): number {
  let y = nextPage();
  const room = (needed: number) => {
    if (y > lowest - needed) y = nextPage();
  };
  write(doc, "Findings", left, y, { font: "strong", size: 10 });
  write(
    doc,
    "value against limit, margin, governing case; below each its inputs with origin, and its source",
    left + 60,
    y + 1.5,
    { colour: dim, width: 420, size: 7.5 },
  );
  y += 15;
  for (const { name, rows } of groups) {
    room(20);
    line(doc, y);
    y = write(doc, name, left, y + 2, { font: "strong", size: 8 }) + 1;
    for (const row of rows) {
      room(Math.max(0, highOf(doc, row) - 26.5));
      y = finding(doc, row, y);
    }
  }
  if (notAsked.length === 0) return y;
  room(60);
  line(doc, y);
  y = write(doc, "Not applicable to this duty or valve", left, y + 2, { font: "strong", size: 8 }) + 1;
  let rest = notAsked;
  while (rest.length > 0) {
    const fits = namesWithin(doc, rest, lowest - y);
    y = write(doc, rest.slice(0, fits).join(" · "), left + 12, y, nameWords);
    rest = rest.slice(fits);
    if (rest.length > 0) y = nextPage();
  }
  return y;
}

const nameWords = { width: width - 12, size: 7, colour: dim };

/** How many names fit into a height, one at least. */
function namesWithin(doc: Document, names: readonly string[], height: number): number {
  let [fits, beyond] = [1, names.length + 1];
  while (beyond - fits > 1) {
    const middle = Math.floor((fits + beyond) / 2);
    if (heightOf(doc, names.slice(0, middle).join(" · "), nameWords) <= height) fits = middle;
    else beyond = middle;
  }
  return fits;
}

const draws: Draws = {
  pairs: pairGroups,
  // Across the page: unstated values are read as a line, not searched in a column.
  remark: ({ words }, { doc, y }) => write(doc, words, left, y + 2, { size: 7.5, colour: dim }),
  table,
  verdict,
  code,
  cautions,
  pictures,
  signatures,
  findings,
};

/** Draws a block of any kind and returns the y below it. */
export const drawBlock = (block: Block, flow: Flow): number =>
  (draws[block.kind] as (block: Block, flow: Flow) => number)(block, flow);

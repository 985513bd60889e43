import type { SheetPictures } from "@proven-seat/core/documents";
import type { OperatingCase } from "@proven-seat/core/duty";
import type { Role, View } from "@proven-seat/core/sections";
import { convertUnit, figure, shownUnit, type UnitSystem } from "@proven-seat/core/units";
import { type Document, dim, ink, left, verdictColours, width, write } from "./page.ts";

/** A frame on the page, points. */
interface Frame {
  readonly x: number;
  readonly y: number;
  readonly wide: number;
  readonly high: number;
}

const fills: Partial<Record<Role, string>> = {
  body: "#d8d1be",
  bonnet: "#d8d1be",
  closure: "#a9bab5",
  stem: "#8f9a97",
  seat: "#c99a4e",
  seal: "#17262b",
  spring: "#8f9a97",
  bearing: "#b9a98a",
  bolt: "#8f9a97",
  weld: "#8f9a97",
  upstream: "#e3eeec",
};

/** The valve cut along its stem, shut, fitted into the frame. */
function drawSection(doc: Document, { shapes, box }: View, frame: Frame): void {
  const scale = Math.min(frame.wide / (box.right - box.left), frame.high / (box.top - box.bottom));
  doc.save();
  doc.translate(
    frame.x + (frame.wide - scale * (box.right - box.left)) / 2 - scale * box.left,
    frame.y + (frame.high + scale * (box.top + box.bottom)) / 2,
  );
  doc.scale(scale, -scale);
  for (const { role, path, line } of shapes) {
    doc.path(path).lineWidth((role === "axis" ? 0.3 : 0.5) / scale);
    const fill = line || role === "hidden" ? undefined : fills[role];
    const stroke = role === "axis" || role === "hidden" ? dim : ink;
    if (fill === undefined) doc.stroke(stroke);
    else doc.fillAndStroke(fill, stroke);
  }
  doc.restore();
}

type Points = readonly (readonly [x: number, y: number])[];

/** A frame with axes, and what turns values into places on it. */
function axes(
  doc: Document,
  { x, y, wide, high }: Frame,
  across: {
    readonly from: number;
    readonly to: number;
    readonly ends: readonly [string, string];
    readonly label: string;
  },
  up: { readonly to: number; readonly label: string },
) {
  const inner = { x: x + 30, y: y + 4, wide: wide - 34, high: high - 24 };
  const place = (a: number, b: number): [number, number] => [
    inner.x + ((a - across.from) / (across.to - across.from)) * inner.wide,
    inner.y + inner.high * (1 - Math.min(1, b / up.to)),
  ];
  doc.rect(inner.x, inner.y, inner.wide, inner.high).lineWidth(0.5).stroke("#cfc8b6");
  const small = { size: 6.5, colour: dim };
  for (const share of [0, 0.5, 1]) {
    const value = up.to * share;
    write(doc, figure(value), x - 6, inner.y + inner.high * (1 - share) - 3.5, {
      ...small,
      width: 32,
      align: "right",
    });
  }
  write(doc, across.ends[0], inner.x, inner.y + inner.high + 2, { ...small, width: 30 });
  write(doc, across.ends[1], inner.x + inner.wide - 30, inner.y + inner.high + 2, {
    ...small,
    width: 30,
    align: "right",
  });
  write(doc, `${across.label} / ${up.label}`, inner.x, inner.y + inner.high + 10, {
    ...small,
    width: inner.wide,
  });
  const trace = (points: Points, colour: string, wideLine: number, dash = false) => {
    if (points.length < 2) return;
    doc.save().rect(inner.x, inner.y, inner.wide, inner.high).clip();
    points.forEach(([a, b], i) => {
      if (i === 0) doc.moveTo(...place(a, b));
      else doc.lineTo(...place(a, b));
    });
    if (dash) doc.dash(2, { space: 2 });
    doc.lineWidth(wideLine).stroke(colour).undash();
    doc.restore();
  };
  return { place, trace };
}

/** Limits as thin lines, the lowest heavy, cases as numbered points. */
function drawEnvelope(
  doc: Document,
  { envelope }: SheetPictures,
  cases: readonly OperatingCase[],
  frame: Frame,
  system: UnitSystem,
): void {
  const [tUnit, pUnit] = [shownUnit("temperature", { system }), shownUnit("differential", { system })];
  const degrees = (c: number) => convertUnit(c, "temperature", "°C", tUnit);
  const bar = (b: number) => convertUnit(b, "differential", "bar", pUnit);
  const points = (line: Points): Points => line.map(([t, p]) => [degrees(t), bar(p)]);
  const all = envelope.lines.flatMap((line) => line.points);
  const highest = Math.max(
    ...envelope.lowest.map(([, p]) => p),
    ...envelope.byCase.map((c) => c.valueBar),
    1,
  );
  const [from, to] = [Math.min, Math.max].map((of) => degrees(of(...all.map(([t]) => t)))) as [
    number,
    number,
  ];
  const { place, trace } = axes(
    doc,
    frame,
    { from, to, ends: [figure(from), figure(to)], label: tUnit },
    { to: bar(highest * 1.25), label: pUnit },
  );
  for (const line of envelope.lines) trace(points(line.points), "#8f9a97", 0.6);
  trace(points(envelope.lowest), ink, 1.6);
  trace(points(envelope.excursion), ink, 1, true);
  envelope.byCase.forEach((c) => {
    const at = cases.findIndex(({ id }) => id === c.caseId);
    const [x, y] = place(degrees(cases[at]!.temperatureC!), bar(c.valueBar));
    const stands = c.margin === null || c.margin >= 0;
    doc.circle(x, y, 1.8).fill(stands ? verdictColours.holds! : verdictColours.fails!);
    write(doc, String(at + 1), x + 2.5, y - 7, { size: 6, width: 12 });
  });
}

/** Demand × factor against what the drive gives at the lowest supply, opening and then closing back. */
function drawStroke(doc: Document, { stroke }: SheetPictures, frame: Frame, system: UnitSystem): void {
  const unit = shownUnit("torque", { system });
  const nm = (value: number) => convertUnit(value, "torque", "N·m", unit);
  const over = (three: readonly number[], from: number): Points =>
    three.map((value, i) => [from + i * 45, nm(value)] as const);
  const lines = [stroke.needed, stroke.atMinimum].flatMap((s) => (s ? [...s.opening, ...s.closing] : []));
  const { trace } = axes(
    doc,
    frame,
    { from: 0, to: 220, ends: ["shut", "shut"], label: "opening, then closing back" },
    { to: nm(Math.max(1, ...lines) * 1.2), label: unit },
  );
  for (const [of, colour, wide] of [
    [stroke.needed, ink, 1.6],
    [stroke.atMinimum, verdictColours.holds!, 1],
  ] as const) {
    if (!of) continue;
    trace(over(of.opening, 0), colour, wide);
    trace(over(of.closing, 130), colour, wide);
  }
}

/**
 * Section, envelope and stroke side by side.
 *
 * @returns y below them; the same y where there is no room or nothing to draw
 */
export function drawPictures(
  doc: Document,
  pictures: SheetPictures | null,
  cases: readonly OperatingCase[],
  top: number,
  bottom: number,
  system: UnitSystem,
): number {
  if (pictures === null || bottom - top < 110) return top;
  const gap = 14;
  const wide = (width - 2 * gap) / 3;
  const high = Math.min(190, bottom - top - 16);
  const titles = [
    "Section, shut",
    "Limits and cases, by number",
    "Demand (heavy) and drive at lowest supply",
  ];
  titles.forEach((title, i) => {
    write(doc, title, left + i * (wide + gap), top, { font: "strong", size: 8, width: wide });
  });
  const frame = (i: number): Frame => ({ x: left + i * (wide + gap), y: top + 14, wide, high });
  if (pictures.section) drawSection(doc, pictures.section, frame(0));
  drawEnvelope(doc, pictures, cases, frame(1), system);
  if (pictures.stroke.needed) drawStroke(doc, pictures, frame(2), system);
  return top + 14 + high;
}

import { angles, type OverStroke } from "../../basis/stroke/profile.ts";
import { figure } from "../../basis/units/figures.ts";
import { convertUnit, type Reading, shownUnit } from "../../basis/units/units.ts";
import type { View } from "../../construction/sections/shape.ts";
import type { OperatingCase } from "../../duty/statement/case.ts";
import type { Envelope } from "../../judgement/proof/envelope.ts";
import type { StrokePicture } from "../../judgement/proof/stroke.ts";
import { axes, type Drawing, type Mark, type Points } from "./drawing.ts";

type Size = Pick<Drawing, "wide" | "high">;

/**
 * A valve cut open, fitted into a frame.
 *
 * @param view of a section, mm, y upwards
 * @param size of the drawing, points
 * @returns its shapes in their order, its parts numbered
 */
export function sectionDrawing({ shapes, box, name, places }: View, size: Size): Drawing {
  const scale = Math.min(size.wide / (box.right - box.left), size.high / (box.top - box.bottom));
  const own = {
    scale,
    x: (size.wide - scale * (box.right - box.left)) / 2 - scale * box.left,
    y: (size.high + scale * (box.top + box.bottom)) / 2,
  };
  const marks = shapes.map(({ role, path, line }): Mark => {
    const outline = role === "axis" || role === "hidden";
    return {
      kind: "path",
      d: path,
      stroke: outline ? "dim" : "ink",
      fill: line || outline ? null : role,
      width: role === "axis" ? 0.3 : 0.5,
      own,
    };
  });
  const numbers = places.flatMap(({ at: [x, y] }, i): Mark[] => {
    const [px, py] = [own.x + x * scale, own.y - y * scale];
    return [
      { kind: "dot", x: px, y: py, radius: 4, fill: "paper" },
      {
        kind: "words",
        words: String(i + 1),
        x: px - (i < 9 ? 1.7 : 3.2),
        y: py + 2,
        size: 6,
        align: "left",
        tone: "ink",
      },
    ];
  });
  return { ...size, says: `Section ${name}, closed`, marks: [...marks, ...numbers] };
}

/**
 * Names of the parts a section numbers.
 *
 * @param view whose places are numbered in their order
 * @param parts of the construction
 * @returns "1 body · 2 ball …"
 */
export const partsCaption = (
  { places }: View,
  parts: readonly { readonly id: string; readonly name: string }[],
) => places.map(({ part }, i) => `${i + 1} ${parts.find((p) => p.id === part)?.name ?? part}`).join(" · ");

/**
 * Limits as thin lines, the lowest heavy, cases as numbered points.
 *
 * @param envelope of the candidate, bar and °C
 * @param cases of the duty, in the order they are numbered
 * @param size of the drawing, points
 * @param reading units of the reader
 * @returns the picture
 */
export function envelopeDrawing(
  envelope: Envelope,
  cases: readonly OperatingCase[],
  size: Size,
  reading: Reading,
): Drawing {
  const [tUnit, pUnit] = [shownUnit("temperature", reading), shownUnit("differential", reading)];
  const degrees = (c: number) => convertUnit(c, "temperature", "°C", tUnit);
  const bar = (b: number) => convertUnit(b, "differential", "bar", pUnit);
  const points = (line: Points): Points => line.map(([t, p]) => [degrees(t), bar(p)]);
  const temperatures = envelope.lines.flatMap((line) => line.points.map(([t]) => degrees(t)));
  const [from, to] = [Math.min(...temperatures), Math.max(...temperatures)];
  const highest = Math.max(
    ...envelope.lowest.map(([, p]) => p),
    ...envelope.byCase.map((c) => c.valueBar),
    1,
  );
  const { place, trace, frame } = axes(
    size,
    { from, to, ends: [figure(from), figure(to)], label: tUnit },
    { to: bar(highest * 1.25), label: pUnit },
  );
  const ofCases = envelope.byCase.flatMap((c): Mark[] => {
    const index = cases.findIndex(({ id }) => id === c.caseId);
    const [x, y] = place(degrees(cases[index]!.temperatureC!), bar(c.valueBar));
    // Within its pressure a case may still be tight or too hot: only a case beyond its limit tells more than its place
    // in the chart.
    const fill = c.margin === null || c.margin >= 0 ? "ink" : "fails";
    return [
      { kind: "dot", x, y, radius: 1.8, fill },
      {
        kind: "words",
        words: String(index + 1),
        x: x + 2.5,
        y: y - 1.5,
        size: 6,
        align: "left",
        tone: "ink",
      },
    ];
  });
  return {
    ...size,
    says: `Limits in ${pUnit} over ${tUnit} with the cases by number`,
    marks: [
      ...frame,
      ...envelope.lines.flatMap((line) => trace(points(line.points), "dim", 0.6)),
      ...trace(points(envelope.lowest), "ink", 1.6),
      ...trace(points(envelope.excursion), "ink", 1, [2, 2]),
      ...ofCases,
    ],
  };
}

/**
 * Demand × factor against the actuator's output at the lowest supply, opening and then closing.
 *
 * @param stroke of the candidate, N·m
 * @param size of the drawing, points
 * @param reading units of the reader
 * @returns the picture; null where the demand is not known
 */
export function strokeDrawing(stroke: StrokePicture, size: Size, reading: Reading): Drawing | null {
  if (!stroke.needed) return null;
  const unit = shownUnit("torque", reading);
  const nm = (value: number) => convertUnit(value, "torque", "N·m", unit);
  const opening = (stroke: OverStroke): Points => stroke.map((value, i) => [angles[i]!, nm(value)] as const);
  // Closing runs back from open, right of opening with a gap between.
  const closing = (stroke: OverStroke): Points =>
    stroke.map((value, i) => [130 + 90 - angles[i]!, nm(value)] as const).reverse();
  const both = [stroke.needed, stroke.atMinimum].flatMap((s) => (s ? [...s.opening, ...s.closing] : []));
  const { trace, frame } = axes(
    size,
    { from: 0, to: 220, ends: ["shut", "shut"], label: "opening stroke, then closing stroke" },
    { to: nm(Math.max(1, ...both) * 1.2), label: unit },
  );
  const lines = [
    [stroke.needed, "ink", 1.6],
    [stroke.atMinimum, "holds", 1],
  ] as const;
  return {
    ...size,
    says: `Torque demand and actuator output at the lowest supply over the stroke, ${unit}`,
    marks: [
      ...frame,
      ...lines.flatMap(([profile, tone, width]) =>
        profile
          ? [...trace(opening(profile.opening), tone, width), ...trace(closing(profile.closing), tone, width)]
          : [],
      ),
    ],
  };
}

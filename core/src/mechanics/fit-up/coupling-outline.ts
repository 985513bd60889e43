import type { StemEnd } from "../../construction/ends/forms.ts";
import { throughMm } from "../../construction/ends/strength.ts";
import type { Coupling } from "./coupling.ts";
import { line, measure, type Outline, rectangle, type Stroke } from "./strokes.ts";

/** An end or a socket seen along the stem: the shape as far as its width defines it. */
function shape(x: number, { form, acrossMm }: StemEnd): Stroke[] {
  const half = acrossMm / 2;
  if (form === "square parallel") return rectangle(x - half, -half, x + half, half);
  if (form === "square diagonal") {
    const corner = half * Math.SQRT2;
    const corners = [
      [x + corner, 0],
      [x, corner],
      [x - corner, 0],
      [x, -corner],
    ] as const;
    return corners.map((from, index) => line("edges", from, corners[(index + 1) % 4]!));
  }
  const radius = throughMm(form, acrossMm) / 2;
  const round: Stroke = { kind: "circle", layer: "edges", x, y: 0, r: radius };
  if (form !== "flat head") return [round];
  const reach = Math.sqrt(Math.max(0, radius ** 2 - half ** 2));
  return [
    round,
    line("edges", [x - reach, half], [x + reach, half]),
    line("edges", [x - reach, -half], [x + reach, -half]),
  ];
}

const saysOf = (what: string, { form, acrossMm, heightMm, keys }: StemEnd) =>
  `${what}: ${form} ${acrossMm}, ${heightMm} ${what === "Socket" ? "deep" : "long"}${form === "keyed" ? `, ${keys ?? 1} keys` : ""}`;

/**
 * A coupling: from the side, its socket from below, its end from above.
 *
 * @param coupling as drawn for a stem and a bore
 * @returns the drawing at 1:1; keys and teeth are named in words and made to their standard
 * @source `couplingFor`
 */
export function couplingOutline(coupling: Coupling): Outline {
  const { socket, socketDepthMm, end, outsideMm, lengthMm, solidMm } = coupling;
  const words = Math.max(3, outsideMm / 16);
  const radius = outsideMm / 2;
  const step = outsideMm + 12 * words;
  const [bottom, shoulder] = [-lengthMm / 2, -lengthMm / 2 + socketDepthMm + solidMm];
  const top = bottom + lengthMm;
  const [hole, upper] = [socket.acrossMm / 2, end.acrossMm / 2];
  const circle = (x: number): Stroke => ({ kind: "circle", layer: "edges", x, y: 0, r: radius });
  const axes = (x: number) => [
    line("axes", [x - radius - words, 0], [x + radius + words, 0]),
    line("axes", [x, -radius - words], [x, radius + words]),
  ];
  const say = (text: string, y: number): Stroke => ({
    kind: "text",
    layer: "measures",
    x: -radius,
    y: Math.max(top, radius) + (5 - 1.6 * y) * words,
    heightMm: words,
    text,
  });
  return {
    title: `Coupling ${socket.form} ${socket.acrossMm} to ${end.form} ${end.acrossMm}`,
    strokes: [
      ...rectangle(-radius, bottom, radius, shoulder),
      ...rectangle(-upper, shoulder, upper, top),
      line("edges", [-hole, bottom], [-hole, bottom + socketDepthMm]),
      line("edges", [hole, bottom], [hole, bottom + socketDepthMm]),
      line("edges", [-hole, bottom + socketDepthMm], [hole, bottom + socketDepthMm]),
      line("axes", [0, bottom - words], [0, top + words]),
      circle(step),
      ...shape(step, socket),
      ...axes(step),
      circle(2 * step),
      ...shape(2 * step, end),
      ...axes(2 * step),
      ...measure(
        [radius + 2 * words, bottom],
        [radius + 2 * words, top],
        words,
        String(Math.round(lengthMm * 10) / 10),
      ),
      ...measure([-radius, bottom - 2 * words], [radius, bottom - 2 * words], words, `dia ${outsideMm}`),
      say(saysOf("Socket", { ...socket, heightMm: socketDepthMm }), 0),
      say(saysOf("End", end), 1),
    ],
    within: [
      -radius - 2 * words,
      Math.min(bottom, -radius) - 5 * words,
      2 * step + radius + 4 * words,
      Math.max(top, radius) + 8 * words,
    ],
  };
}

/** Kind of a line in a drawing: an edge, a hole, an axis, or a dimension. */
export const layers = ["edges", "holes", "axes", "measures"] as const;
export type Layer = (typeof layers)[number];

/** Lines of a drawing, in millimetres, y upwards. */
export type Stroke =
  | {
      readonly kind: "circle";
      readonly layer: Layer;
      readonly x: number;
      readonly y: number;
      readonly r: number;
    }
  | {
      readonly kind: "line";
      readonly layer: Layer;
      readonly from: readonly [x: number, y: number];
      readonly to: readonly [x: number, y: number];
    }
  | {
      readonly kind: "text";
      readonly layer: Layer;
      readonly x: number;
      readonly y: number;
      readonly heightMm: number;
      readonly text: string;
    };

/** A drawing at 1:1. */
export interface Outline {
  readonly title: string;
  readonly strokes: readonly Stroke[];
  /** Left, bottom, right, top, mm. */
  readonly within: readonly [number, number, number, number];
}

/** A straight line. */
export const line = (
  layer: Layer,
  from: readonly [number, number],
  to: readonly [number, number],
): Stroke => ({
  kind: "line",
  layer,
  from,
  to,
});
/** Its four edges. */
export const rectangle = (left: number, bottom: number, right: number, top: number): Stroke[] => [
  line("edges", [left, bottom], [right, bottom]),
  line("edges", [right, bottom], [right, top]),
  line("edges", [right, top], [left, top]),
  line("edges", [left, top], [left, bottom]),
];

/** A measure between two heights or two sides: a line with ticks at its ends, its figure beside it. */
export function measure(
  from: readonly [number, number],
  to: readonly [number, number],
  heightMm: number,
  text: string,
): Stroke[] {
  const upright = from[0] === to[0];
  const tick = ([x, y]: readonly [number, number]) =>
    upright
      ? line("measures", [x - heightMm / 2, y], [x + heightMm / 2, y])
      : line("measures", [x, y - heightMm / 2], [x, y + heightMm / 2]);
  return [
    line("measures", from, to),
    tick(from),
    tick(to),
    {
      kind: "text",
      layer: "measures",
      x: upright ? from[0] + heightMm : (from[0] + to[0]) / 2 - heightMm,
      y: upright ? (from[1] + to[1]) / 2 : from[1] - 1.8 * heightMm,
      heightMm,
      text,
    },
  ];
}

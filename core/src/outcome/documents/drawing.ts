import { figure } from "../../basis/units/figures.ts";
import type { Role } from "../../construction/sections/shape.ts";
import type { Verdict } from "../../judgement/rules/finding.ts";

/** A tone by meaning; renderers choose the colour for their theme. */
export type Tone = "ink" | "dim" | "rule" | "paper" | Verdict | Role;

/** One mark of a drawing. Places are in points from the upper left corner. */
export type Mark =
  | {
      readonly kind: "path";
      /** SVG path data. */
      readonly d: string;
      readonly stroke: Tone | null;
      readonly fill: Tone | null;
      /** Points, independent of the path's scale. */
      readonly width: number;
      readonly dash?: readonly number[];
      /** Scale of the path and place of its origin, y upwards. */
      readonly own?: { readonly scale: number; readonly x: number; readonly y: number };
      readonly within?: Box;
    }
  | {
      readonly kind: "dot";
      readonly x: number;
      readonly y: number;
      readonly radius: number;
      readonly fill: Tone;
    }
  | {
      readonly kind: "words";
      readonly words: string;
      readonly x: number;
      /** Foot of the letters. */
      readonly y: number;
      readonly size: number;
      readonly align: "left" | "right";
      readonly tone: Tone;
    };

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly wide: number;
  readonly high: number;
}

/** A vector picture: one drawing for paper and screen. */
export interface Drawing {
  readonly wide: number;
  readonly high: number;
  /** Text alternative. */
  readonly says: string;
  readonly marks: readonly Mark[];
}

export type Points = readonly (readonly [x: number, y: number])[];

interface Axes {
  /** A value's place. */
  readonly place: (across: number, up: number) => readonly [number, number];
  readonly trace: (points: Points, stroke: Tone, width: number, dash?: readonly number[]) => Mark[];
  readonly frame: readonly Mark[];
}

const rounded = (n: number) => Math.round(n * 100) / 100;

/**
 * A chart frame with axes, and the mapping from values to places.
 *
 * @param size of the drawing, points
 * @param across values at the left and right end with their labels, and their quantity
 * @param up highest value, and its quantity; the foot is 0
 * @returns the frame's marks, places and traced lines, cut off at the frame
 */
export function axes(
  size: Pick<Drawing, "wide" | "high">,
  across: {
    readonly from: number;
    readonly to: number;
    readonly ends: readonly [string, string];
    readonly label: string;
  },
  up: { readonly to: number; readonly label: string },
): Axes {
  const inner: Box = { x: 30, y: 4, wide: size.wide - 34, high: size.high - 26 };
  const foot = inner.y + inner.high;
  const place = (a: number, b: number) =>
    [
      rounded(inner.x + ((a - across.from) / (across.to - across.from)) * inner.wide),
      rounded(inner.y + inner.high * (1 - Math.min(1, b / up.to))),
    ] as const;
  const words = (text: string, x: number, y: number, align: "left" | "right" = "left"): Mark => ({
    kind: "words",
    words: text,
    x: rounded(x),
    y: rounded(y),
    size: 6.5,
    align,
    tone: "dim",
  });
  const right = inner.x + inner.wide;
  return {
    place,
    trace: (points, stroke, width, dash) =>
      points.length < 2
        ? []
        : [
            {
              kind: "path",
              d: points.map(([a, b], i) => `${i === 0 ? "M" : "L"}${place(a, b).join(" ")}`).join(""),
              stroke,
              fill: null,
              width,
              ...(dash && { dash }),
              within: inner,
            },
          ],
    frame: [
      {
        kind: "path",
        d: `M${inner.x} ${inner.y}H${rounded(right)}V${rounded(foot)}H${inner.x}Z`,
        stroke: "rule",
        fill: null,
        width: 0.5,
      },
      ...[0, 0.5, 1].map((share) =>
        words(figure(up.to * share), inner.x - 4, inner.y + inner.high * (1 - share) + 2.5, "right"),
      ),
      words(across.ends[0], inner.x, foot + 8.5),
      words(across.ends[1], right, foot + 8.5, "right"),
      words(`${across.label} / ${up.label}`, inner.x, foot + 17),
    ],
  };
}

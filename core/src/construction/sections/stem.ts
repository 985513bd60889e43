/** Stems, packing and bonnets: how the turning gets in and nothing gets out. */
import { box, line, mirroredX, type Point, region, type Shape } from "./shape.ts";

export interface StemOf {
  readonly diameter: number;
  /** Where the stem meets what it turns, and where the chamber's roof is. */
  readonly foot: number;
  readonly roof: number;
  /** Top of the body above the chamber. */
  readonly top: number;
  /** A shoulder inside keeps it from being blown out. */
  readonly shoulder: boolean;
  /** Width of a bonnet that lifts off; null where the stuffing box is part of the body. */
  readonly bonnetHalf?: number | null;
}

export interface Stem {
  readonly shapes: Shape[];
  readonly top: number;
  readonly packingAt: Point;
  readonly glandAt: Point;
  readonly bonnetAt: Point;
}

/**
 * Stem with stuffing box, packing rings and gland.
 *
 * @param of diameter, heights and shoulder, mm
 * @param at place along the pipe, mm
 * @returns shapes, the stem's top, and where its parts are labelled
 * @source the drawing's own proportions
 */
export function stemShapes(of: StemOf, at = 0): Stem {
  const r = of.diameter / 2;
  const ring = 0.42 * of.diameter;
  const boxHeight = 2.2 * of.diameter;
  const boxTop = of.top + boxHeight;
  const outer = r + ring + 0.55 * of.diameter;
  const stemTop = boxTop + 1.5 * of.diameter;
  const move = (list: readonly Point[]): Point[] => list.map(([x, y]) => [x + at, y]);
  const both = (shape: Point[]) => [move(shape), move(mirroredX(shape))];
  const sleeve: Point[] = of.bonnetHalf
    ? [
        [r, of.roof],
        [of.bonnetHalf, of.roof],
        [of.bonnetHalf, of.top],
        [outer, of.top],
        [outer, boxTop],
        [r + ring, boxTop],
        [r + ring, of.top],
        [r, of.top],
      ]
    : [
        [r + ring, of.top],
        [outer, of.top],
        [outer, boxTop],
        [r + ring, boxTop],
      ];
  const rings = [0, 1, 2].flatMap((i) =>
    both(
      box(
        r,
        of.top + 0.06 * boxHeight + i * 0.24 * boxHeight,
        r + ring,
        of.top + 0.27 * boxHeight + i * 0.24 * boxHeight,
      ),
    ),
  );
  const gland: Point[] = [
    [r, of.top + 0.8 * boxHeight],
    [r + ring, of.top + 0.8 * boxHeight],
    [r + ring, boxTop + 0.1 * of.diameter],
    [outer, boxTop + 0.1 * of.diameter],
    [outer, boxTop + 0.45 * of.diameter],
    [r, boxTop + 0.45 * of.diameter],
  ];
  const shoulderWidth = 1.35 * r;
  const stem: Point[] = [
    [-r, of.foot],
    [r, of.foot],
    ...(of.shoulder
      ? ([
          [r, of.roof - 0.42 * of.diameter],
          [shoulderWidth, of.roof - 0.42 * of.diameter],
          [shoulderWidth, of.roof - 0.06 * of.diameter],
          [r, of.roof - 0.06 * of.diameter],
        ] as Point[])
      : []),
    [r, stemTop],
    [-r, stemTop],
    ...(of.shoulder
      ? ([
          [-r, of.roof - 0.06 * of.diameter],
          [-shoulderWidth, of.roof - 0.06 * of.diameter],
          [-shoulderWidth, of.roof - 0.42 * of.diameter],
          [-r, of.roof - 0.42 * of.diameter],
        ] as Point[])
      : []),
  ];
  const thrust = of.shoulder
    ? both(box(r, of.roof - 0.06 * of.diameter, shoulderWidth, of.roof + 0.06 * of.diameter)).map((b) =>
        region("seal", b),
      )
    : [];
  const bolts = of.bonnetHalf
    ? both(
        box(
          of.bonnetHalf - 0.5 * of.diameter,
          of.roof - 0.9 * of.diameter,
          of.bonnetHalf - 0.2 * of.diameter,
          of.top + 0.3 * of.diameter,
        ),
      ).map((b) => region("bolt", b))
    : [];
  return {
    shapes: [
      ...both(sleeve).map((s) => region("bonnet", s)),
      ...bolts,
      ...rings.map((s) => region("seal", s)),
      ...both(gland).map((s) => region("bonnet", s)),
      region("stem", move(stem)),
      ...thrust,
      line("axis", [at, of.foot - of.diameter], [at, stemTop + 0.5 * of.diameter]),
    ],
    top: stemTop,
    packingAt: [at + r + ring / 2, of.top + 0.4 * boxHeight],
    glandAt: [at + outer - 0.1 * of.diameter, boxTop + 0.3 * of.diameter],
    bonnetAt: [
      at - (of.bonnetHalf ?? outer) + 0.2 * of.diameter,
      of.bonnetHalf ? (of.roof + of.top) / 2 : of.top + 0.5 * boxHeight,
    ],
  };
}

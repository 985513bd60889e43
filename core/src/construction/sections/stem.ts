/** Stems, packing and bonnets: how the turning gets in and nothing gets out. */
import { box, line, mirroredX, type Point, region, type Shape } from "./shape.ts";

export interface StemOf {
  readonly diameter: number;
  /** Where the stem meets the closure, and the height of the chamber's roof. */
  readonly foot: number;
  readonly roof: number;
  /** Top of the body above the chamber. */
  readonly top: number;
  /** A shoulder inside makes it blow-out proof. */
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
 * @param spec diameter, heights and shoulder, mm
 * @param centre place along the pipe, mm
 * @returns shapes, the stem's top, and where its parts are labelled
 * @source the drawing's own proportions
 */
export function stemShapes(spec: StemOf, centre = 0): Stem {
  const r = spec.diameter / 2;
  const ring = 0.42 * spec.diameter;
  const boxHeight = 2.2 * spec.diameter;
  const boxTop = spec.top + boxHeight;
  const outer = r + ring + 0.55 * spec.diameter;
  const stemTop = boxTop + 1.5 * spec.diameter;
  const move = (list: readonly Point[]): Point[] => list.map(([x, y]) => [x + centre, y]);
  const both = (shape: Point[]) => [move(shape), move(mirroredX(shape))];
  const sleeve: Point[] = spec.bonnetHalf
    ? [
        [r, spec.roof],
        [spec.bonnetHalf, spec.roof],
        [spec.bonnetHalf, spec.top],
        [outer, spec.top],
        [outer, boxTop],
        [r + ring, boxTop],
        [r + ring, spec.top],
        [r, spec.top],
      ]
    : [
        [r + ring, spec.top],
        [outer, spec.top],
        [outer, boxTop],
        [r + ring, boxTop],
      ];
  const rings = [0, 1, 2].flatMap((i) =>
    both(
      box(
        r,
        spec.top + 0.06 * boxHeight + i * 0.24 * boxHeight,
        r + ring,
        spec.top + 0.27 * boxHeight + i * 0.24 * boxHeight,
      ),
    ),
  );
  const gland: Point[] = [
    [r, spec.top + 0.8 * boxHeight],
    [r + ring, spec.top + 0.8 * boxHeight],
    [r + ring, boxTop + 0.1 * spec.diameter],
    [outer, boxTop + 0.1 * spec.diameter],
    [outer, boxTop + 0.45 * spec.diameter],
    [r, boxTop + 0.45 * spec.diameter],
  ];
  const shoulderWidth = 1.35 * r;
  const stem: Point[] = [
    [-r, spec.foot],
    [r, spec.foot],
    ...(spec.shoulder
      ? ([
          [r, spec.roof - 0.42 * spec.diameter],
          [shoulderWidth, spec.roof - 0.42 * spec.diameter],
          [shoulderWidth, spec.roof - 0.06 * spec.diameter],
          [r, spec.roof - 0.06 * spec.diameter],
        ] as Point[])
      : []),
    [r, stemTop],
    [-r, stemTop],
    ...(spec.shoulder
      ? ([
          [-r, spec.roof - 0.06 * spec.diameter],
          [-shoulderWidth, spec.roof - 0.06 * spec.diameter],
          [-shoulderWidth, spec.roof - 0.42 * spec.diameter],
          [-r, spec.roof - 0.42 * spec.diameter],
        ] as Point[])
      : []),
  ];
  const thrust = spec.shoulder
    ? both(box(r, spec.roof - 0.06 * spec.diameter, shoulderWidth, spec.roof + 0.06 * spec.diameter)).map(
        (b) => region("seal", b),
      )
    : [];
  const bolts = spec.bonnetHalf
    ? both(
        box(
          spec.bonnetHalf - 0.5 * spec.diameter,
          spec.roof - 0.9 * spec.diameter,
          spec.bonnetHalf - 0.2 * spec.diameter,
          spec.top + 0.3 * spec.diameter,
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
      line("axis", [centre, spec.foot - spec.diameter], [centre, stemTop + 0.5 * spec.diameter]),
    ],
    top: stemTop,
    packingAt: [centre + r + ring / 2, spec.top + 0.4 * boxHeight],
    glandAt: [centre + outer - 0.1 * spec.diameter, boxTop + 0.3 * spec.diameter],
    bonnetAt: [
      centre - (spec.bonnetHalf ?? outer) + 0.2 * spec.diameter,
      spec.bonnetHalf ? (spec.roof + spec.top) / 2 : spec.top + 0.5 * boxHeight,
    ],
  };
}

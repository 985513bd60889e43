/** Bodies: pressure shells and ends, with the same functions for every construction. */
import {
  box,
  line,
  mirroredX,
  mirroredY,
  type Point,
  region,
  type SectionDimensions,
  type Shape,
} from "./shape.ts";

export interface ShellOf {
  /** Half length and half height of the chamber. */
  readonly chamber: readonly [halfLength: number, halfHeight: number];
  readonly ends: "flanged" | "wafer";
  /** Where end pieces meet the body; from the middle along the pipe. */
  readonly joints: readonly number[];
  readonly welded?: boolean;
}

export interface Shell {
  readonly wall: number;
  readonly halfLength: number;
  readonly halfHeight: number;
  readonly flange: number;
  readonly pocketTop: number;
}

/**
 * Sizes every part of the shell follows from.
 *
 * @param d dimensions, mm
 * @param shell chamber, ends and joints
 * @returns wall, half length and height, flange, mm
 * @source the drawing's own proportions; a stated face to face is kept where the parts fit inside
 */
export function shellOf(d: SectionDimensions, shell: ShellOf): Shell {
  const wall = 0.13 * d.boreMm + 4;
  const flangeThickness = 0.15 * d.boreMm + 6;
  const shortest = shell.ends === "wafer" ? shell.chamber[0] : shell.chamber[0] + wall + flangeThickness;
  // A stated face to face is kept unless the parts do not fit inside it.
  const halfLength = Math.max(shortest, (d.faceToFaceMm ?? 0) / 2);
  return {
    wall,
    halfLength: shell.ends === "wafer" ? halfLength : Math.min(halfLength, shortest + 1.1 * d.boreMm),
    halfHeight: shell.chamber[1] + wall,
    flange: flangeThickness,
    pocketTop: shell.chamber[1] + wall,
  };
}

const flangeRadius = (d: SectionDimensions) => 0.86 * d.boreMm + 18;

/** Upper half of a cut through the shell; the lower half is its mirror image unless a stem is there too. */
function half(d: SectionDimensions, spec: ShellOf, stemHole: number): { outer: Point[] } {
  const shell = shellOf(d, spec);
  const r = d.boreMm / 2;
  const [cx, cy] = spec.chamber;
  const { halfLength: L, wall, flange } = shell;
  const rf = flangeRadius(d);
  const neck = r + wall;
  const top = cy + wall;
  const right: Point[] =
    spec.ends === "wafer"
      ? [
          [stemHole, cy],
          [cx, cy],
          [cx, r],
          [L, r],
          [L, top],
          [stemHole, top],
        ]
      : [
          [stemHole, cy],
          [cx, cy],
          [cx, r],
          [L, r],
          [L, rf],
          [L - flange, rf],
          [L - flange, neck],
          [Math.min(cx + wall + 0.4 * Math.max(0, top - neck), L - flange), neck],
          [cx + wall * 0.6, top],
          [stemHole, top],
        ];
  return { outer: right };
}

/**
 * The shell cut along the pipe: four quarters, so that a hole for the stem stays open.
 *
 * @param d dimensions, mm
 * @param spec chamber, ends and joints
 * @param holes half widths of the holes above and below, mm
 * @returns metal, joints, bolts or welds
 * @source the drawing's own proportions
 */
export function shellShapes(
  d: SectionDimensions,
  spec: ShellOf,
  holes: { top: number; bottom: number },
): Shape[] {
  const upper = half(d, spec, holes.top).outer;
  const lower = mirroredY(half(d, spec, holes.bottom).outer);
  // Without a hole the two quarters are one piece of metal.
  const both = (quarter: Point[], hole: number) =>
    hole === 0 ? [[...quarter, ...mirroredX(quarter).reverse()]] : [quarter, mirroredX(quarter)];
  const pieces = [...both(upper, holes.top), ...both(lower, holes.bottom)];
  const shell = shellOf(d, spec);
  const top = shell.halfHeight;
  const joints = spec.joints.flatMap((x) => {
    const edge = Math.sign(x) * Math.min(Math.abs(x), shell.halfLength - shell.flange);
    const width = 0.5 * shell.wall;
    return spec.welded
      ? [1, -1].map((s) =>
          region("weld", [
            [edge - 0.5 * shell.wall, s * (top + 0.12 * shell.wall)],
            [edge + 0.5 * shell.wall, s * (top + 0.12 * shell.wall)],
            [edge, s * (spec.chamber[1] + 0.1 * shell.wall)],
          ]),
        )
      : [1, -1].flatMap((s) => [
          line("hidden", [edge, s * spec.chamber[1]], [edge, s * (top + 1.3 * width)]),
          region(
            "bolt",
            box(edge - 1.6 * width, s * (top - 0.1 * width), edge + 1.6 * width, s * (top + 0.9 * width)),
          ),
        ]);
  });
  return [...pieces.map((q) => region("body", q)), ...joints];
}

/**
 * Pipe on either side of a body that is clamped between flanges.
 *
 * @param d dimensions, mm
 * @param halfLength of the body, mm
 * @returns four regions
 * @source the drawing's own proportions
 */
export function pipeStubs(d: SectionDimensions, halfLength: number): Shape[] {
  const r = d.boreMm / 2;
  const wall = 0.08 * d.boreMm + 3;
  const end = halfLength + 0.75 * d.boreMm;
  const flange = 0.12 * d.boreMm + 5;
  const upper: Point[] = [
    [halfLength + 1, r],
    [end, r],
    [end, r + wall],
    [halfLength + 1 + flange, r + wall],
    [halfLength + 1 + flange, flangeRadius(d)],
    [halfLength + 1, flangeRadius(d)],
  ];
  return [upper, mirroredX(upper), mirroredY(upper), mirroredX(mirroredY(upper))].map((q) =>
    region("pipe", q),
  );
}

/**
 * Fluid in the bore left and right of the closure, to the ends.
 *
 * @param d dimensions, mm
 * @param halfLength to the ends, mm
 * @param from where it is closed, mm from the middle
 * @param open whether it flows
 * @returns one region while open, two while shut
 */
export function boreFluid(d: SectionDimensions, halfLength: number, from: number, open: boolean): Shape[] {
  const r = d.boreMm / 2;
  const end = halfLength;
  return open
    ? [region("upstream", box(-end, -r, end, r))]
    : [region("upstream", box(-end, -r, -from, r)), region("downstream", box(from, -r, end, r))];
}

/** Material or meaning of a shape, which decides its tone. */
export type Role =
  | "body"
  | "bonnet"
  | "closure"
  | "stem"
  | "seat"
  | "seal"
  | "spring"
  | "bearing"
  | "bolt"
  | "weld"
  | "pipe"
  | "hidden"
  | "upstream"
  | "downstream"
  | "cavity"
  | "axis";

/** A closed region or a line, in millimetres: x along the pipe with the flow, y upwards. */
export interface Shape {
  readonly role: Role;
  /** SVG path data with y upwards. */
  readonly path: string;
  /** Open lines are stroked, not filled. */
  readonly line?: boolean;
}

/** Where a part's label points. */
export interface PartPlace {
  readonly part: string;
  readonly at: Point;
}

/** A force drawn from `at` along `towards`. */
export interface Force {
  readonly name: string;
  readonly newtons: number;
  readonly at: Point;
  readonly towards: Point;
}

/** One cut through a valve as its construction draws it. */
export interface Drawing {
  readonly name: "along the stem" | "from above";
  readonly shapes: readonly Shape[];
  readonly places: readonly PartPlace[];
  readonly forces: readonly Force[];
}

/** A drawing with its extent. */
export interface View extends Drawing {
  readonly box: {
    readonly left: number;
    readonly right: number;
    readonly bottom: number;
    readonly top: number;
  };
}

export type Point = readonly [x: number, y: number];

/** Dimensions a section is drawn from, mm. */
export interface SectionDimensions {
  readonly boreMm: number;
  readonly closureDiameterMm: number;
  readonly seatContactDiameterMm: number;
  readonly seatWidthMm: number;
  readonly stemDiameterMm: number;
  /** Shaft behind the seat plane, and beside the middle of the bore; null where there is no offset. */
  readonly offsetsMm: readonly [number, number] | null;
  readonly faceToFaceMm: number | null;
}

/** Input of a drawing: dimensions, opening, arrangement of the cavity, and forces. */
export interface SectionOf {
  readonly dimensions: SectionDimensions;
  /** 0 shut … 90 open, degrees. */
  readonly openingDegrees: number;
  readonly cavity: string;
  readonly thrustN: number;
  readonly seatLoadN: number;
}

const round = (n: number) => String(Math.round(n * 100) / 100);
const points = (list: readonly Point[]) => list.map(([x, y]) => `${round(x)} ${round(y)}`).join("L");

/**
 * A closed region with holes; overlapping outlines cut each other out.
 *
 * @param role its material
 * @param outlines points in mm, y upwards
 * @returns the shape
 * @source even-odd filling
 * @example region("body", box(0, 0, 1, 1)).role // → "body"
 */
export const region = (role: Role, ...outlines: (readonly Point[])[]): Shape => ({
  role,
  path: outlines.map((o) => `M${points(o)}Z`).join(""),
});
/**
 * An open line.
 *
 * @param role its meaning
 * @param vertices points in mm, y upwards
 * @returns the shape
 * @example line("axis", [0, 0], [1, 0]).line // → true
 */
export const line = (role: Role, ...vertices: Point[]): Shape => ({
  role,
  path: `M${points(vertices)}`,
  line: true,
});
/**
 * Corners of a box.
 *
 * @param x0 one side, mm
 * @param y0 bottom or top, mm
 * @param x1 the other side, mm
 * @param y1 top or bottom, mm
 * @returns four points
 * @example box(0, 0, 2, 1).length // → 4
 */
export const box = (x0: number, y0: number, x1: number, y1: number): Point[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];
/**
 * Points mirrored across the stem's axis.
 *
 * @param points points
 * @returns points in the same order
 * @example mirroredX([[1, 2]])[0][0] // → -1
 */
export const mirroredX = (points: readonly Point[]): Point[] => points.map(([x, y]) => [-x, y]);
/**
 * Points mirrored across the pipe's axis.
 *
 * @param points points
 * @returns points in the same order
 * @example mirroredY([[1, 2]])[0][1] // → -2
 */
export const mirroredY = (points: readonly Point[]): Point[] => points.map(([x, y]) => [x, -y]);
/**
 * Points along an arc from one angle to another.
 *
 * @param cx centre, mm
 * @param cy centre, mm
 * @param radius mm
 * @param from degrees
 * @param to degrees
 * @returns points four degrees apart or closer
 * @example arc(0, 0, 1, 0, 90).length // → 24
 */
export const arc = (cx: number, cy: number, radius: number, from: number, to: number): Point[] => {
  const steps = Math.max(2, Math.ceil(Math.abs(to - from) / 4));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const a = ((from + ((to - from) * i) / steps) * Math.PI) / 180;
    return [cx + radius * Math.cos(a), cy + radius * Math.sin(a)] as const;
  });
};
/**
 * Points round a circle.
 *
 * @param cx centre, mm
 * @param cy centre, mm
 * @param radius mm
 * @returns points; the last equals the first
 * @example circle(0, 0, 1).length // → 91
 */
export const circle = (cx: number, cy: number, radius: number): Point[] => arc(cx, cy, radius, 0, 360);
/**
 * Points turned about a centre.
 *
 * @param points points
 * @param degrees counter-clockwise
 * @param centre of the rotation
 * @returns points in the same order
 * @source rotation of the plane
 * @example turned([[1, 0]], 90)[0][1] // → 1
 */
export const turned = (points: readonly Point[], degrees: number, [cx, cy]: Point = [0, 0]): Point[] => {
  const a = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(a), Math.sin(a)];
  return points.map(([x, y]) => [cx + (x - cx) * cos - (y - cy) * sin, cy + (x - cx) * sin + (y - cy) * cos]);
};

/**
 * Extent of a drawing, with a margin.
 *
 * @param drawing shapes in mm
 * @returns the box round every shape
 * @example roomOf({ name: "from above", shapes: [], places: [], forces: [] }).left // → -0
 */
export function roomOf({ shapes }: Drawing): View["box"] {
  let [left, right, bottom, top] = [0, 0, 0, 0];
  for (const { path } of shapes) {
    for (const pair of path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)) {
      const [x, y] = [Number(pair[1]), Number(pair[2])];
      left = Math.min(left, x);
      right = Math.max(right, x);
      bottom = Math.min(bottom, y);
      top = Math.max(top, y);
    }
  }
  const margin = 0.02 * (right - left);
  return { left: left - margin, right: right + margin, bottom: bottom - margin, top: top + margin };
}

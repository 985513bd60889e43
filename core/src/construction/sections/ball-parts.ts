/** Balls and their seats, cut along the stem and from above. */
import {
  arc,
  box,
  mirroredX,
  mirroredY,
  type Point,
  region,
  type SectionDimensions,
  type Shape,
  turned,
} from "./shape.ts";

/**
 * How far from open, as the angle between the bore's axis and the pipe.
 *
 * @param openingDegrees 0 shut … 90 open
 * @returns 90 shut … 0 open, degrees
 * @source a quarter turn
 * @example boreAngle(90) // → 0
 */
export const boreAngle = (openingDegrees: number) => 90 - openingDegrees;

/**
 * The hole a bore leaves in the plane through pipe and stem. The plane meets the bore's cylinder in an ellipse: as high as the bore, and as long as the bore is wide over the sine of the angle between them.
 *
 * @param ballRadius mm
 * @param boreRadius mm, below the ball's
 * @param openingDegrees 0 shut … 90 open
 * @returns the hole's outline, kept inside the ball
 * @source section of a cylinder by a plane
 * @example boreInElevation(60, 20, 0).length // → 91
 */
export function boreInElevation(ballRadius: number, boreRadius: number, openingDegrees: number): Point[] {
  const sine = Math.abs(Math.sin((boreAngle(openingDegrees) * Math.PI) / 180));
  return arc(0, 0, 1, 0, 360).map(([u, v]) => {
    const z = v * boreRadius;
    const reach = Math.sqrt(Math.max(0, ballRadius ** 2 - z ** 2));
    const x = sine < 1e-6 ? Math.sign(u) * reach : (u * boreRadius) / sine;
    return [Math.max(-reach, Math.min(reach, Math.abs(u) < 1e-9 ? 0 : x)), z];
  });
}

/**
 * A ball with a straight bore from above: the two sides beside the bore, rotated.
 *
 * @param ballRadius mm
 * @param boreRadius mm, below the ball's
 * @param openingDegrees 0 shut … 90 open
 * @returns two regions
 * @source plane through the bore's axis, across the stem
 * @example ballFromAbove(60, 20, 45).length // → 2
 */
export function ballFromAbove(ballRadius: number, boreRadius: number, openingDegrees: number): Shape[] {
  const edge = (Math.asin(Math.min(1, boreRadius / ballRadius)) * 180) / Math.PI;
  const side = arc(0, 0, ballRadius, edge, 180 - edge);
  const angle = boreAngle(openingDegrees);
  return [region("closure", turned(side, angle)), region("closure", turned(mirroredY(side), angle))];
}

export interface SeatPlace {
  /** Along the pipe: where ring and ball touch, and the ring's back. */
  readonly contact: number;
  readonly back: number;
  readonly outer: number;
}

/**
 * Where the seats lie.
 *
 * @param d dimensions, mm
 * @returns contact and back along the pipe, and the ring's outer radius, mm
 * @source contact circle on the sphere; ring thickness in the drawing's own proportion
 */
export function seatPlace(d: SectionDimensions): SeatPlace {
  const radius = d.closureDiameterMm / 2;
  const contact = Math.sqrt(Math.max(0, radius ** 2 - (d.seatContactDiameterMm / 2) ** 2));
  return {
    contact,
    back: contact + Math.max(0.16 * radius, 1.5 * d.seatWidthMm),
    outer: Math.min(
      radius * 0.97,
      d.seatContactDiameterMm / 2 + Math.max(0.8 * d.seatWidthMm, 0.09 * radius),
    ),
  };
}

/**
 * Cut through one ring on the right, above the axis: its face follows the ball.
 *
 * @param d dimensions, mm
 * @param clearance gap between ring and ball, mm
 * @returns outline of the cut
 * @source contact circle on the sphere
 */
export function seatRing(d: SectionDimensions, clearance = 0): Point[] {
  const radius = d.closureDiameterMm / 2 + clearance;
  const { back, outer } = seatPlace(d);
  const inner = Math.min(d.boreMm / 2, d.seatContactDiameterMm / 2 - 0.5 * d.seatWidthMm);
  const face: Point[] = Array.from({ length: 9 }, (_, i) => {
    const y = inner + ((outer - inner) * i) / 8;
    return [Math.sqrt(Math.max(0, radius ** 2 - y ** 2)), y];
  });
  return [...face, [back, outer], [back, inner]];
}

/**
 * Both rings, above and below.
 *
 * @param d dimensions, mm
 * @param clearance gap between ring and ball, mm
 * @returns four regions
 * @source seatRing, mirrored
 */
export const seatPair = (d: SectionDimensions, clearance = 0): Shape[] => {
  const ring = seatRing(d, clearance);
  return [ring, mirroredX(ring), mirroredY(ring), mirroredX(mirroredY(ring))].map((r) => region("seat", r));
};

/**
 * Springs behind sliding rings, and the seals they slide on.
 *
 * @param d dimensions, mm
 * @param pocketEnd where the pocket ends along the pipe, mm
 * @returns lines for springs, regions for seals
 * @source the drawing's own proportions
 */
export function sprungBacks(d: SectionDimensions, pocketEnd: number): Shape[] {
  const { back, outer } = seatPlace(d);
  const inner = d.boreMm / 2;
  const length = pocketEnd - back;
  const zigzag: Point[] = Array.from({ length: 7 }, (_, i) => [
    back + (length * i) / 6,
    (inner + outer) / 2 + (i % 2 === 0 ? -1 : 1) * 0.22 * (outer - inner),
  ]);
  const seal = box(
    back - 0.35 * (back - seatPlace(d).contact),
    outer,
    back - 0.05 * (back - seatPlace(d).contact),
    outer + 0.22 * (outer - inner),
  );
  const allQuarters = (points: readonly Point[]) => [
    points,
    mirroredX(points),
    mirroredY(points),
    mirroredX(mirroredY(points)),
  ];
  return [
    ...allQuarters(zigzag).map(
      (z): Shape => ({ ...region("spring", z), path: region("spring", z).path.replace("Z", ""), line: true }),
    ),
    ...allQuarters(seal).map((s) => region("seal", s)),
  ];
}

import { ballFromAbove, boreAngle, boreInElevation, seatPlace, seatRing } from "./ball-parts.ts";
import { cavityFluid, floatingForces } from "./floating.ts";
import {
  arc,
  box,
  circle,
  type Drawing,
  line,
  mirroredY,
  type PartPlace,
  type Point,
  region,
  type SectionOf,
  type Shape,
  turned,
} from "./shape.ts";
import { boreFluid, shellOf, shellShapes } from "./shell.ts";
import { stemShapes } from "./stem.ts";

/**
 * The closure from above. A segment is part of a sphere that swings aside; its lower edge with the notch clears the
 * port first. A ball has the notch in one mouth of its bore.
 */
function closureFromAbove(
  kind: "ball" | "segment",
  radius: number,
  r: number,
  opening: number,
  thickness: number,
): Shape[] {
  if (kind === "segment") {
    const shell = [...arc(0, 0, radius, -48, 72), ...arc(0, 0, radius - thickness, 72, -48)];
    return [region("closure", turned(shell, opening))];
  }
  const edge = (Math.asin(Math.min(1, r / radius)) * 180) / Math.PI;
  const lip = [...arc(0, 0, radius, 0, edge), ...arc(0, 0, 0.74 * radius, edge, 0)];
  return [...ballFromAbove(radius, r, opening), region("closure", turned(lip, boreAngle(opening)))];
}

/**
 * Ball with a V-notch in its downstream face, or a segment of one; the view from above shows the notch opening first.
 *
 * @param kind whole ball or segment
 * @returns function that draws both views
 * @source mechanics of notched balls
 */
export function notchedViews(kind: "ball" | "segment") {
  return (section: SectionOf): Drawing[] => {
    const d = section.dimensions;
    const radius = d.closureDiameterMm / 2;
    const r = d.boreMm / 2;
    const seat = seatPlace(d);
    const chamber = [seat.back, radius * 1.08] as const;
    const setting = { chamber, ends: "flanged", joints: kind === "ball" ? [seat.back] : [] } as const;
    const shell = shellOf(d, setting);
    const stem = stemShapes({
      diameter: d.stemDiameterMm,
      foot: radius * 0.94,
      roof: chamber[1],
      top: shell.halfHeight,
      shoulder: true,
    });
    const thickness = kind === "segment" ? 0.16 * radius : radius - r * 0.92;
    const open = section.openingDegrees > 5;
    const fluid = [
      kind === "ball"
        ? cavityFluid(section, chamber[0], chamber[1])
        : region("upstream", box(-chamber[0], -chamber[1], chamber[0], chamber[1])),
      ...boreFluid(d, shell.halfLength, seat.contact, open),
    ];
    const ring = seatRing(d);
    const rings: Shape[] = [region("seat", ring), region("seat", mirroredY(ring))];
    // Along the stem, the wall covers the bore until the notch reaches it.
    const cover = Math.max(0, 1 - section.openingDegrees / 90);
    const wall: Point[] = [...arc(0, 0, radius, -62, 62), ...arc(0, 0, radius - thickness, 62, -62)];
    const gap = r * (1 - cover);
    const upperWall = wall.filter(([, y]) => y > gap);
    const lowerWall = wall.filter(([, y]) => y < -gap);
    const hubs: Shape[] = [1, -1].map((s) =>
      region("closure", box(-0.8 * d.stemDiameterMm, s * r * 1.02, 0.8 * d.stemDiameterMm, s * radius)),
    );
    const body: Shape[] =
      kind === "ball"
        ? [region("closure", circle(0, 0, radius), boreInElevation(radius, r * 0.92, section.openingDegrees))]
        : [region("closure", upperWall), region("closure", lowerWall), ...hubs];
    const lowerShaft: Shape[] =
      kind === "segment"
        ? [
            region(
              "stem",
              box(-d.stemDiameterMm / 2, -(shell.halfHeight + 2), d.stemDiameterMm / 2, -radius * 0.92),
            ),
            ...[1, -1].map((s) =>
              region(
                "bearing",
                box(s * d.stemDiameterMm * 0.5, -shell.halfHeight, s * d.stemDiameterMm * 0.64, -chamber[1]),
              ),
            ),
          ]
        : [];
    const notch = line(
      "hidden",
      [seat.contact * 0.98, gap],
      [seat.contact * 0.62, 0],
      [seat.contact * 0.98, -gap],
    );
    const elevation: Shape[] = [
      ...fluid,
      ...shellShapes(d, setting, {
        top: d.stemDiameterMm / 2,
        bottom: kind === "segment" ? d.stemDiameterMm / 2 : 0,
      }),
      ...rings,
      ...stem.shapes,
      ...body,
      ...lowerShaft,
      ...(open ? [notch] : []),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const above: Shape[] = [
      ...fluid,
      ...shellShapes(d, setting, { top: 0, bottom: 0 }),
      ...rings,
      ...closureFromAbove(kind, radius, r * 0.92, section.openingDegrees, thickness),
      region("stem", circle(0, 0, d.stemDiameterMm * 0.4)),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const places: PartPlace[] = [
      { part: "body", at: [-chamber[0] * 0.5, -(chamber[1] + shell.wall / 2)] },
      kind === "ball"
        ? { part: "ball", at: [-radius * 0.4, -radius * 0.75] }
        : { part: "segment", at: [radius - thickness / 2, -r * 0.6] },
      ...(kind === "ball"
        ? [{ part: "v", at: [seat.contact * 0.8, 0] as Point }]
        : [{ part: "lower-shaft", at: [0, -radius] as Point }]),
      {
        part: "seat",
        at: [(seat.contact + seat.back) / 2, (seat.outer + r) / 2],
      },
      { part: "stem", at: [0, stem.top - d.stemDiameterMm * 0.5] },
      { part: "packing", at: stem.packingAt },
      { part: "gland", at: stem.glandAt },
      ...(kind === "ball"
        ? [{ part: "gasket", at: [seat.back, chamber[1] + 0.4 * shell.wall] as Point }]
        : []),
    ];
    const forces = kind === "ball" ? floatingForces(section) : [];
    const _reach = Math.max(0.86 * d.boreMm + 18, shell.halfHeight) * 1.08;
    const _edge = { left: -shell.halfLength * 1.05, right: shell.halfLength * 1.05 };
    return [
      {
        name: "along the stem",
        shapes: elevation,
        places,
        forces,
      },
      { name: "from above", shapes: above, places: [], forces },
    ];
  };
}

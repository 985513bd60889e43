import { seatPlace, seatRing } from "./ball-parts.ts";
import { cavityFluid, floatingForces, floatingViews } from "./floating.ts";
import {
  arc,
  box,
  type Drawing,
  line,
  mirroredX,
  type Point,
  region,
  type SectionDimensions,
  type SectionOf,
  type Shape,
  turned,
} from "./shape.ts";
import { shellOf, shellShapes } from "./shell.ts";

/** Corners a port is cut between, as angles of its arms from the ball's own axis, degrees. */
const arms = { L: [-90, 0], T: [-90, 0, 180] } as const;

/** The solid of a ball between two neighbouring arms of its port. */
function solids(d: SectionDimensions, kind: keyof typeof arms): Point[][] {
  const radius = d.closureDiameterMm / 2;
  const r = d.boreMm / 2;
  const edge = (Math.asin(Math.min(1, r / radius)) * 180) / Math.PI;
  const sorted = [...arms[kind]].sort((a, b) => a - b);
  return sorted.map((from, i) => {
    const to = i + 1 < sorted.length ? sorted[i + 1]! : sorted[0]! + 360;
    const rim = arc(0, 0, radius, from + edge, to - edge);
    // Walls of two arms meet where lines a bore's half from their axes cross.
    const half = ((to - from) / 2) * (Math.PI / 180);
    const bisector = ((from + to) / 2) * (Math.PI / 180);
    const corner = Math.abs(Math.sin(half)) < 1e-6 ? 0 : r / Math.sin(half);
    return to - from >= 179 && to - from <= 181
      ? rim
      : [...rim, [corner * Math.cos(bisector), corner * Math.sin(bisector)] as Point];
  });
}

/**
 * Ball with an L or T port and a third end; the view from above shows the port turn from one end to the other.
 *
 * @param kind of port
 * @returns function that draws both views
 * @source mechanics of diverting balls
 */
export function threeWayViews(kind: keyof typeof arms) {
  const along = floatingViews("three-piece");
  return (section: SectionOf): Drawing[] => {
    const d = section.dimensions;
    const radius = d.closureDiameterMm / 2;
    const r = d.boreMm / 2;
    const seat = seatPlace(d);
    const chamber = [seat.back, radius * 1.06] as const;
    const setting = { chamber, ends: "flanged", joints: [-seat.back, seat.back] } as const;
    const shell = shellOf(d, setting);
    const ring = seatRing(d);
    const lower: Point[] = ring.map(([x, y]) => [x, -y]);
    const rings = [ring, lower, mirroredX(ring), mirroredX(lower)];
    const third = [ring, lower].map((s) => turned(s, -90));
    const shapes = shellShapes(d, setting, { top: 0, bottom: r });
    const neck = Math.min(shell.halfLength, chamber[1] + shell.wall + shell.flange + 0.5 * r);
    const thirdEnd: Shape[] = [1, -1].flatMap((s) => [
      region("body", box(s * r, -neck, s * (r + shell.wall), -chamber[1])),
      region("body", box(s * r, -neck, s * (0.86 * d.boreMm + 18), -neck + shell.flange)),
    ]);
    const above: Shape[] = [
      cavityFluid(section, chamber[0], chamber[1]),
      region("upstream", box(-shell.halfLength, -r, -seat.contact, r)),
      region(section.openingDegrees < 45 ? "upstream" : "downstream", box(-r, -neck, r, -seat.contact)),
      region(
        section.openingDegrees < 45 && kind === "L" ? "downstream" : "upstream",
        box(seat.contact, -r, shell.halfLength, r),
      ),
      ...shapes,
      ...thirdEnd,
      ...[...rings, ...third].map((s) => region("seat", s)),
      ...solids(d, kind).map((s) => region("closure", turned(s, -90 + section.openingDegrees))),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
      line("axis", [0, 0], [0, -neck * 1.05]),
    ];
    const _reach = Math.max(0.86 * d.boreMm + 18, shell.halfHeight) * 1.08;
    const elevation = along({ ...section, openingDegrees: 90 })[0]!;
    return [
      {
        ...elevation,
        places: elevation.places.filter((p) => p.part !== "end").concat([{ part: "port", at: [0, 0] }]),
        forces: [],
      },
      {
        name: "from above",
        shapes: above,
        places: [
          { part: "third", at: [r + shell.wall / 2, -neck * 0.9] },
          { part: "port", at: [0, 0] },
        ],
        forces: floatingForces(section),
      },
    ];
  };
}

import { boreInElevation, seatPlace, seatRing } from "./ball-parts.ts";
import {
  arc,
  box,
  circle,
  type Drawing,
  line,
  mirroredY,
  type Point,
  region,
  type SectionOf,
  type Shape,
  turned,
} from "./shape.ts";
import { boreFluid, shellOf, shellShapes } from "./shell.ts";
import { stemShapes } from "./stem.ts";

/** The first part of the stem's rise leans the core off its seat; only then does it turn. */
const tiltShare = 0.12;
const tiltDegrees = 5;

/**
 * A core that presses on one fixed seat and is pulled off it before it turns.
 *
 * @param section dimensions, opening, cavity and forces
 * @returns both views
 * @source mechanics of tilting cores
 */
export function tiltAwayViews(section: SectionOf): Drawing[] {
  const d = section.dimensions;
  const radius = d.closureDiameterMm / 2;
  const r = d.boreMm / 2;
  const share = section.openingDegrees / 90;
  const lean = Math.min(1, share / tiltShare) * tiltDegrees;
  const turn = Math.max(0, (share - tiltShare) / (1 - tiltShare)) * 90;
  const seat = seatPlace(d);
  const chamber = [seat.back, radius * 1.16] as const;
  const setting = { chamber, ends: "flanged", joints: [] } as const;
  const shell = shellOf(d, setting);
  const bonnetHalf = radius * 0.98;
  const rise = share * 0.5 * d.stemDiameterMm;
  const stem = stemShapes({
    diameter: d.stemDiameterMm,
    foot: radius * 0.35 + rise,
    roof: chamber[1],
    top: shell.halfHeight,
    shoulder: false,
    bonnetHalf,
  });
  const pivot: Point = [0, -(radius * 1.02)];
  const pin = 0.5 * d.stemDiameterMm;
  const core: Shape[] = [
    region(
      "closure",
      turned(circle(0, 0, radius), lean, pivot),
      turned(boreInElevation(radius, r * 0.98, turn), lean, pivot),
      turned(
        box(-0.62 * d.stemDiameterMm, r + 0.1 * (radius - r), 0.62 * d.stemDiameterMm, radius * 1.01),
        lean,
        pivot,
      ),
    ),
  ];
  // Bent flats at the stem's foot: they turn the core, and in the last of the stroke wedge it to the seat.
  const flats: Point[] = [
    [-0.3 * d.stemDiameterMm, r + 0.14 * (radius - r) + rise],
    [0.38 * d.stemDiameterMm, r + 0.14 * (radius - r) + rise],
    [0.5 * d.stemDiameterMm, radius + rise],
    [-0.5 * d.stemDiameterMm, radius + rise],
  ];
  const ring = seatRing(d);
  const pinBottom = -(shell.halfHeight + 0.1 * shell.wall);
  const open = share > 0.02;
  const fluid = [
    region(
      open ? "upstream" : "upstream",
      box(-chamber[0], -chamber[1], open ? chamber[0] : seat.contact, chamber[1]),
    ),
    ...boreFluid(d, shell.halfLength, seat.contact, open),
  ];
  const elevation: Shape[] = [
    ...fluid,
    ...shellShapes(d, setting, { top: bonnetHalf, bottom: pin }),
    region("seat", ring),
    region("seat", mirroredY(ring)),
    ...stem.shapes.filter((s) => s.role !== "stem"),
    ...core,
    region("stem", box(-d.stemDiameterMm / 2, radius + rise - 1, d.stemDiameterMm / 2, stem.top + rise)),
    region("stem", flats),
    line(
      "hidden",
      [-0.22 * d.stemDiameterMm, stem.top - 0.9 * d.stemDiameterMm + rise],
      [0.22 * d.stemDiameterMm, stem.top - 0.2 * d.stemDiameterMm + rise],
    ),
    region("stem", box(-pin, pinBottom, pin, -radius * 0.9)),
    line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
  ];
  const cutCore = coreFromAbove(radius, r * 0.98, turn, lean);
  const above: Shape[] = [
    ...fluid,
    ...shellShapes(d, setting, { top: 0, bottom: 0 }),
    region("seat", ring),
    region("seat", mirroredY(ring)),
    ...cutCore,
    line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
  ];
  const forces =
    share > 0.02 || section.seatLoadN <= 0
      ? []
      : [
          {
            name: "cam and line onto the seat",
            newtons: section.seatLoadN,
            at: [-radius, 0] as Point,
            towards: [1, 0] as Point,
          },
        ];
  const _reach = Math.max(0.86 * d.boreMm + 18, shell.halfHeight) * 1.08;
  const _edge = { left: -shell.halfLength * 1.05, right: shell.halfLength * 1.05 };
  return [
    {
      name: "along the stem",
      shapes: elevation,
      places: [
        { part: "body", at: [-chamber[0] * 0.5, -(chamber[1] + shell.wall / 2)] },
        { part: "core", at: [-radius * 0.5, -radius * 0.65] },
        { part: "seat", at: [(seat.contact + seat.back) / 2, -(seat.outer + r) / 2] },
        { part: "cam", at: [0, radius * 0.9 + rise] },
        { part: "stem", at: [0, stem.top + rise - 0.5 * d.stemDiameterMm] },
        { part: "trunnion", at: [0, -radius * 1.05] },
        { part: "bonnet", at: stem.bonnetAt },
        { part: "packing", at: stem.packingAt },
        { part: "gland", at: stem.glandAt },
      ],
      forces,
    },
    { name: "from above", shapes: above, places: [], forces },
  ];
}

/** The core from above: it is clear of the seat while it turns. */
function coreFromAbove(radius: number, r: number, turn: number, lean: number): Shape[] {
  const clear = -radius * Math.sin((lean * Math.PI) / 180);
  const edge = (Math.asin(Math.min(1, r / radius)) * 180) / Math.PI;
  const side = arc(0, 0, radius, edge, 180 - edge);
  return [side, mirroredY(side)].map((s) =>
    region(
      "closure",
      turned(s, 90 - turn).map(([x, y]) => [x + clear, y] as Point),
    ),
  );
}

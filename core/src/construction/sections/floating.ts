import { ballFromAbove, boreAngle, boreInElevation, seatPair, seatPlace } from "./ball-parts.ts";
import {
  box,
  circle,
  type Drawing,
  type Force,
  line,
  type PartPlace,
  type Point,
  region,
  type SectionOf,
  type Shape,
  turned,
} from "./shape.ts";
import { boreFluid, shellOf, shellShapes } from "./shell.ts";
import { stemShapes } from "./stem.ts";

/** Body joints of the three ways a floating-ball body is split, as shares of the chamber's half length. */
const joints = { "one-piece": [], "two-piece": [1], "three-piece": [-1, 1] } as const;

/** Size of the stem's foot and of its slot. */
function slotOf(section: SectionOf) {
  const radius = section.dimensions.closureDiameterMm / 2;
  const r = section.dimensions.boreMm / 2;
  const depth = 0.62 * (radius - r);
  const width = 0.55 * section.dimensions.stemDiameterMm;
  return { top: radius, depth, width, length: 1.6 * section.dimensions.stemDiameterMm };
}

/** Half width in the plane along the pipe of a slot or tang that runs at an angle to the pipe. */
const halfSeen = (length: number, width: number, degrees: number) => {
  const a = (degrees * Math.PI) / 180;
  return (
    Math.min(length / Math.max(1e-6, Math.abs(Math.cos(a))), width / Math.max(1e-6, Math.abs(Math.sin(a)))) /
    2
  );
};

/**
 * Ball and slot along the stem. The slot runs across the bore: when shut it lies along the pipe, so that the ball can
 * float.
 */
function ballInElevation(section: SectionOf): Shape[] {
  const { closureDiameterMm, boreMm } = section.dimensions;
  const radius = closureDiameterMm / 2;
  const slot = slotOf(section);
  const along = boreAngle(section.openingDegrees) - 90;
  const cut = Math.min(halfSeen(slot.length, slot.width, along), 0.6 * radius);
  const floor = radius - slot.depth;
  const tang = Math.min(halfSeen(0.8 * slot.length, 0.86 * slot.width, along), cut * 0.94);
  const notch: Point[] = box(-cut, floor, cut, radius * 1.02);
  const holes: (readonly Point[])[] = [boreInElevation(radius, boreMm / 2, section.openingDegrees)];
  const vent =
    section.cavity === "slot hole"
      ? [region("cavity", box(-0.05 * boreMm, boreMm / 2 - 1, 0.05 * boreMm, floor + 1))]
      : section.cavity === "upstream hole"
        ? [region("upstream", turnedHole(section))]
        : [];
  return [
    region("closure", notched(circle(0, 0, radius), notch), ...holes),
    ...vent,
    region("stem", box(-tang, floor + 0.06 * slot.depth, tang, radius + 1)),
  ];
}

/** Hole in the face that is upstream while shut. */
function turnedHole(section: SectionOf): Point[] {
  const radius = section.dimensions.closureDiameterMm / 2;
  const shut = section.openingDegrees < 45;
  const h = 0.05 * section.dimensions.boreMm;
  return shut
    ? box(-radius, -h, -Math.min(radius * 0.98, 0.98 * radius) + 0.35 * radius, h)
    : box(0, 0, 0, 0);
}

/** Outline of the ball without the slot in its top. */
function notched(ball: readonly Point[], notch: readonly Point[]): Point[] {
  const [half, floor] = [notch[1]![0], notch[0]![1]];
  return ball.flatMap(([x, y]): Point[] => {
    if (y > 0 && Math.abs(x) < half) return [[Math.sign(x) * half || half, floor]];
    return [[x, y]];
  });
}

/**
 * Forces on a floating ball while it is shut.
 *
 * @param section dimensions, with thrust and seat load in N
 * @returns line thrust and downstream seat; none while open
 * @source line pressure does the sealing, on the downstream seat
 */
export function floatingForces(section: SectionOf): Force[] {
  const { contact } = seatPlace(section.dimensions);
  const radius = section.dimensions.closureDiameterMm / 2;
  if (section.openingDegrees > 5 || section.thrustN <= 0) return [];
  return [
    { name: "thrust of the line", newtons: section.thrustN, at: [-radius, 0], towards: [1, 0] },
    {
      name: "downstream seat",
      newtons: section.seatLoadN,
      at: [contact + 0.3 * radius, 0.62 * section.dimensions.seatContactDiameterMm],
      towards: [-1, 0],
    },
  ];
}

/**
 * Fluid round the ball: the content of the shut cavity depends on its arrangement.
 *
 * @param section dimensions and opening
 * @param halfLength of the chamber, mm
 * @param halfHeight of the chamber, mm
 * @returns one region
 * @source arrangement of seats and cavity
 */
export const cavityFluid = (section: SectionOf, halfLength: number, halfHeight: number): Shape =>
  region(
    section.openingDegrees > 5 || section.cavity === "upstream hole" ? "upstream" : "cavity",
    box(-halfLength, -halfHeight, halfLength, halfHeight),
  );

/** Seats that fill the space round the ball. */
const fillers = (section: SectionOf, chamber: readonly [number, number]): Shape[] => {
  if (section.cavity !== "cavity filler") return [];
  const radius = section.dimensions.closureDiameterMm / 2;
  return [
    region("seat", box(-chamber[0], -chamber[1], chamber[0], chamber[1]), circle(0, 0, radius * 1.005)),
  ];
};

/**
 * A floating ball between two seats, its slot along the pipe while shut.
 *
 * @param kind how the body is split
 * @returns function that draws both views
 * @source mechanics of floating balls
 */
export function floatingViews(kind: keyof typeof joints) {
  return (section: SectionOf): Drawing[] => {
    const d = section.dimensions;
    const radius = d.closureDiameterMm / 2;
    const seat = seatPlace(d);
    const chamber = [seat.back, radius * 1.06] as const;
    const shellSetting = {
      chamber,
      ends: "flanged",
      joints: joints[kind].map((s) => s * seat.back),
    } as const;
    const shell = shellOf(d, shellSetting);
    const stem = stemShapes({
      diameter: d.stemDiameterMm,
      foot: radius * 0.99,
      roof: chamber[1],
      top: shell.halfHeight,
      shoulder: true,
    });
    const insert: Shape[] =
      kind === "one-piece"
        ? [
            line(
              "hidden",
              [seat.back + 0.5 * shell.wall, d.boreMm / 2],
              [seat.back + 0.5 * shell.wall, seat.outer + 0.4 * shell.wall],
              [seat.back - 0.2 * shell.wall, seat.outer + 0.4 * shell.wall],
            ),
          ]
        : [];
    const open = section.openingDegrees > 5;
    const elevation: Shape[] = [
      cavityFluid(section, chamber[0], chamber[1]),
      ...boreFluid(d, shell.halfLength, seat.contact, open),
      ...shellShapes(d, shellSetting, { top: d.stemDiameterMm / 2, bottom: 0 }),
      ...insert,
      ...fillers(section, chamber),
      ...seatPair(d),
      ...stem.shapes,
      ...ballInElevation(section),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const slot = slotOf(section);
    const slotFromAbove = turned(
      box(-slot.length / 2, -slot.width / 2, slot.length / 2, slot.width / 2),
      boreAngle(section.openingDegrees) - 90,
    );
    const above: Shape[] = [
      cavityFluid(section, chamber[0], chamber[1]),
      ...boreFluid(d, shell.halfLength, seat.contact, open),
      ...shellShapes(d, shellSetting, { top: 0, bottom: 0 }),
      ...fillers(section, chamber),
      ...seatPair(d),
      ...ballFromAbove(radius, d.boreMm / 2, section.openingDegrees),
      region("hidden", slotFromAbove),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const flangeTop = 0.86 * d.boreMm + 18;
    const _reach = Math.max(flangeTop, shell.halfHeight) * 1.08;
    const places: PartPlace[] = [
      { part: "body", at: [-seat.back * 0.55, -(chamber[1] + shell.wall / 2)] },
      { part: "ball", at: [-radius * 0.45, -radius * 0.72] },
      { part: "seats", at: [-seat.back + 1, -(seat.outer + d.boreMm / 2) / 2] },
      { part: "stem", at: [0, stem.top - d.stemDiameterMm * 0.5] },
      { part: "packing", at: stem.packingAt },
      { part: "gland", at: stem.glandAt },
      ...(kind === "one-piece"
        ? [{ part: "insert", at: [seat.back + shell.wall, d.boreMm / 2 + 0.3 * shell.wall] as Point }]
        : [
            { part: "gasket", at: [seat.back, chamber[1] + 0.4 * shell.wall] as Point },
            ...["end", "ends"].map((part) => ({
              part,
              at: [shell.halfLength - shell.flange / 2, -(d.boreMm / 2 + shell.wall)] as Point,
            })),
            { part: "bolts", at: [-seat.back, shell.halfHeight + 0.2 * shell.wall] as Point },
          ]),
    ];
    const _edge = { left: -shell.halfLength * 1.05, right: shell.halfLength * 1.05 };
    return [
      {
        name: "along the stem",
        shapes: elevation,
        places,
        forces: floatingForces(section),
      },
      {
        name: "from above",
        shapes: above,
        places: [],
        forces: floatingForces(section),
      },
    ];
  };
}

import { ballFromAbove, boreInElevation, seatPair, seatPlace, sprungBacks } from "./ball-parts.ts";
import { cavityFluid } from "./floating.ts";
import {
  box,
  circle,
  type Drawing,
  type Force,
  line,
  mirroredX,
  type PartPlace,
  type Point,
  region,
  type SectionOf,
  type Shape,
} from "./shape.ts";
import { boreFluid, shellOf, shellShapes } from "./shell.ts";
import { stemShapes } from "./stem.ts";

/** Construction of the body: bolted ends, welded shut, or one piece with a bonnet. */
type Body = "side entry" | "welded" | "top entry";

function trunnionForces(section: SectionOf): Force[] {
  const d = section.dimensions;
  const radius = d.closureDiameterMm / 2;
  if (section.openingDegrees > 5 || section.thrustN <= 0) return [];
  const seat = seatPlace(d);
  return [
    { name: "thrust into the bearings", newtons: section.thrustN, at: [-radius, 0], towards: [1, 0] },
    {
      name: "upstream seat to ball",
      newtons: section.seatLoadN,
      at: [-seat.back - 0.3 * radius, 0.62 * d.seatContactDiameterMm],
      towards: [1, 0],
    },
  ];
}

/**
 * A ball held above and below, with sprung seats sliding in their pockets.
 *
 * @param kind of body
 * @returns function that draws both views
 * @source mechanics of trunnion balls
 */
export function trunnionViews(kind: Body) {
  return (section: SectionOf): Drawing[] => {
    const d = section.dimensions;
    const radius = d.closureDiameterMm / 2;
    const r = d.boreMm / 2;
    const seat = seatPlace(d);
    const pocketEnd = seat.back + 0.16 * radius;
    const chamber = [pocketEnd, radius * 1.1] as const;
    const setting = {
      chamber,
      ends: "flanged",
      joints: kind === "top entry" ? [] : [-pocketEnd * 0.82, pocketEnd * 0.82],
      welded: kind === "welded",
    } as const;
    const shell = shellOf(d, setting);
    const bonnetHalf = kind === "top entry" ? Math.min(radius * 1.05, pocketEnd) : null;
    const journal = 0.85 * d.stemDiameterMm;
    const pin = journal * 1.15;
    const stem = stemShapes({
      diameter: d.stemDiameterMm,
      foot: radius * 0.93,
      roof: chamber[1],
      top: shell.halfHeight,
      shoulder: true,
      bonnetHalf,
    });
    const hubTop = Math.sqrt(Math.max(0, radius ** 2 - pin ** 2));
    // The upper journal of the ball takes the stem; the lower one sits on the trunnion pin in the floor of the body.
    const pinBottom = -(shell.halfHeight + 0.25 * shell.wall);
    const lower: Shape[] = [
      region("bonnet", box(-2.1 * pin, pinBottom - 0.5 * shell.wall, 2.1 * pin, pinBottom)),
      region("stem", box(-pin, pinBottom, pin, -r - 0.34 * (radius - r))),
      ...[1, -1].map((s) =>
        region("bearing", box(s * pin, -(radius * 0.99), s * 1.28 * pin, -r - 0.4 * (radius - r))),
      ),
      ...[1, -1].map((s) =>
        region(
          "bolt",
          box(
            s * 1.55 * pin,
            pinBottom - 0.75 * shell.wall,
            s * 1.8 * pin,
            -shell.halfHeight + 0.5 * shell.wall,
          ),
        ),
      ),
    ];
    const upper: Shape[] = [1, -1].map((s) =>
      region(
        "bearing",
        box(
          s * (d.stemDiameterMm / 2),
          chamber[1],
          s * (d.stemDiameterMm / 2 + 0.14 * d.stemDiameterMm),
          shell.halfHeight - 0.2 * shell.wall,
        ),
      ),
    );
    const ball: Shape[] = [
      region("closure", circle(0, 0, radius), boreInElevation(radius, r, section.openingDegrees)),
      region("closure", box(-pin, hubTop - 1, pin, radius * 1.02)),
    ];
    const open = section.openingDegrees > 5;
    const fluid = [
      cavityFluid(section, chamber[0], chamber[1]),
      ...boreFluid(d, shell.halfLength, seat.contact, open),
    ];
    const pocket: Point[] = [
      [seat.back * 0.98, seat.outer + 0.02 * radius],
      [pocketEnd, seat.outer + 0.02 * radius],
      [pocketEnd, chamber[1]],
      [seat.contact + 0.35 * (seat.back - seat.contact), chamber[1]],
      [seat.contact + 0.35 * (seat.back - seat.contact), seat.outer + 0.02 * radius],
    ];
    const pockets = [pocket, mirroredX(pocket)].flatMap((p) => [
      region("body", p),
      region(
        "body",
        p.map(([x, y]) => [x, -y] as Point),
      ),
    ]);
    const fittings: Shape[] = [
      region(
        "bolt",
        box(
          -pocketEnd * 0.72,
          -(shell.halfHeight + 0.35 * shell.wall),
          -pocketEnd * 0.72 + 0.35 * shell.wall,
          -shell.halfHeight + 0.3 * shell.wall,
        ),
      ),
    ];
    const elevation = [
      ...fluid,
      ...shellShapes(d, setting, { top: bonnetHalf ?? d.stemDiameterMm / 2, bottom: pin }),
      ...pockets,
      ...sprungBacks(d, pocketEnd),
      ...seatPair(d),
      ...upper,
      ...stem.shapes,
      ...ball,
      ...lower,
      ...fittings,
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const above = [
      ...fluid,
      ...shellShapes(d, setting, { top: 0, bottom: 0 }),
      ...pockets,
      ...sprungBacks(d, pocketEnd),
      ...seatPair(d),
      ...ballFromAbove(radius, r, section.openingDegrees),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const places: PartPlace[] = [
      { part: "body", at: [-pocketEnd * 0.4, -(chamber[1] + shell.wall / 2)] },
      { part: "ball", at: [-radius * 0.5, -radius * 0.68] },
      { part: "stem", at: [0, stem.top - d.stemDiameterMm * 0.5] },
      { part: "packing", at: stem.packingAt },
      { part: "gland", at: stem.glandAt },
      { part: "seats", at: [-(seat.contact + seat.back) / 2, (seat.outer + r) / 2] },
      { part: "springs", at: [-(seat.back + pocketEnd) / 2, (seat.outer + r) / 2] },
      { part: "seat-seals", at: [-(seat.back - 0.2 * (seat.back - seat.contact)), -(seat.outer + 1)] },
      { part: "trunnion", at: [0, -(r + radius) / 2 - 0.2 * (radius - r)] },
      { part: "bearings", at: [1.1 * pin, -(radius * 0.95)] },
      ...(kind === "top entry"
        ? [
            { part: "bonnet", at: stem.bonnetAt },
            { part: "bonnet-gasket", at: [bonnetHalf ?? 0, chamber[1] + 0.5 * shell.wall] as Point },
          ]
        : [
            {
              part: kind === "welded" ? "weld" : "gasket",
              at: [pocketEnd * 0.82, shell.halfHeight] as Point,
            },
          ]),
    ];
    const _reach = Math.max(0.86 * d.boreMm + 18, shell.halfHeight) * 1.08;
    const _edge = { left: -shell.halfLength * 1.05, right: shell.halfLength * 1.05 };
    return [
      {
        name: "along the stem",
        shapes: elevation,
        places,
        forces: trunnionForces(section),
      },
      {
        name: "from above",
        shapes: above,
        places: [],
        forces: trunnionForces(section),
      },
    ];
  };
}

import {
  arc,
  box,
  circle,
  type Drawing,
  line,
  mirroredX,
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
 * Half a plug on an axis beside the middle of the bore: it cams on to its single seat and swings clear of it.
 *
 * @param section dimensions, opening, cavity and forces
 * @returns both views
 * @source mechanics of eccentric plugs
 */
export function eccentricPlugViews(section: SectionOf): Drawing[] {
  const d = section.dimensions;
  const radius = d.closureDiameterMm / 2;
  const r = d.boreMm / 2;
  const beside = d.offsetsMm?.[1] ?? 0.08 * d.boreMm;
  const axis: Point = [0, beside];
  const height = 1.12 * r;
  const seatAt = radius * 0.96;
  const chamber = [radius * 1.1, Math.max(height, radius * 1.12)] as const;
  const setting = { chamber, ends: "flanged", joints: [] } as const;
  const shell = shellOf(d, setting);
  const bonnetHalf = radius * 0.95;
  const stem = stemShapes({
    diameter: d.stemDiameterMm,
    foot: height,
    roof: chamber[1],
    top: shell.halfHeight,
    shoulder: true,
    bonnetHalf,
  });
  const open = section.openingDegrees > 4;
  const fluid = [
    region("upstream", box(-chamber[0], -chamber[1], open ? chamber[0] : seatAt, chamber[1])),
    ...boreFluid(d, shell.halfLength, seatAt, open),
  ];
  const face = 0.3 * radius;
  const seats: Shape[] = [1, -1].map((s) =>
    region("seat", box(seatAt, s * r, chamber[0] + 1, s * (r + 0.12 * radius))),
  );
  // Shut, the plug's crown fills the seat; open, it has swung into the pocket beside the bore.
  const crown: Point[] = [
    ...arc(axis[0], axis[1], radius * 0.97, -48, 42),
    ...arc(axis[0], axis[1], radius * 0.97 - face, 42, -48),
  ];
  const turn = (section.openingDegrees / 90) * 90;
  const cover = Math.cos((turn * Math.PI) / 180);
  const crownSeen: Shape[] =
    cover > 0.05
      ? [
          region("closure", [
            [seatAt * cover, r * 1.08],
            [seatAt * cover - face * cover, r * 1.08],
            [seatAt * cover - face * cover, -r * 1.08],
            [seatAt * cover, -r * 1.08],
          ]),
        ]
      : [];
  const hubs = [1, -1].map((s) =>
    region(
      "closure",
      box(
        -0.75 * d.stemDiameterMm,
        s * r * 0.98,
        Math.max(0.75 * d.stemDiameterMm, seatAt * cover),
        s * height,
      ),
    ),
  );
  const lower: Shape[] = [
    region(
      "stem",
      box(-0.45 * d.stemDiameterMm, -shell.halfHeight + 0.3 * shell.wall, 0.45 * d.stemDiameterMm, -height),
    ),
    ...[1, -1].map((s) =>
      region(
        "bearing",
        box(
          s * 0.45 * d.stemDiameterMm,
          -shell.halfHeight + 0.3 * shell.wall,
          s * 0.6 * d.stemDiameterMm,
          -chamber[1],
        ),
      ),
    ),
  ];
  const elevation: Shape[] = [
    ...fluid,
    ...shellShapes(d, setting, { top: bonnetHalf, bottom: 0.45 * d.stemDiameterMm }),
    ...seats,
    ...stem.shapes,
    ...crownSeen,
    ...hubs,
    ...lower,
    line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
  ];
  const above: Shape[] = [
    ...fluid,
    ...shellShapes(d, setting, { top: 0, bottom: 0 }),
    ...seats,
    region("closure", turned(crown, turn, axis)),
    region("stem", circle(axis[0], axis[1], d.stemDiameterMm / 2)),
    line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    line(
      "axis",
      ...mirroredX([
        [radius, beside],
        [-radius, beside],
      ]),
    ),
  ];
  const places: PartPlace[] = [
    { part: "body", at: [-chamber[0] * 0.5, -(chamber[1] + shell.wall / 2)] },
    { part: "plug", at: [seatAt * cover - (face * cover) / 2, -r * 0.5] },
    { part: "seat", at: [(seatAt + chamber[0]) / 2, r + 0.06 * radius] },
    { part: "stem", at: [0, stem.top - 0.5 * d.stemDiameterMm] },
    { part: "bearings", at: [0.52 * d.stemDiameterMm, -(chamber[1] + 0.3 * shell.wall)] },
    { part: "bonnet", at: stem.bonnetAt },
    { part: "packing", at: stem.packingAt },
    { part: "gland", at: stem.glandAt },
  ];
  const forces =
    open || section.thrustN <= 0
      ? []
      : [
          {
            name: "line presses the plug to its seat",
            newtons: section.thrustN,
            at: [-0.6 * radius, 0] as Point,
            towards: [1, 0] as Point,
          },
        ];
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
}

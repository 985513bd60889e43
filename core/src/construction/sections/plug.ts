import { boreAngle } from "./ball-parts.ts";
import {
  arc,
  box,
  circle,
  type Drawing,
  line,
  mirroredX,
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

/** Taper of the plug: half its angle, as a slope. */
const taper = 0.09;

/** Half width of the plug at a height. */
const widthAt = (radius: number, y: number) => radius + taper * y;

/** A port through a taper plug as the plane along the stem meets it: straight sided, wider the more it lines up. */
function portInElevation(radius: number, portHalf: number, portHeight: number, opening: number): Point[] {
  const sine = Math.max(1e-6, Math.abs(Math.sin((boreAngle(opening) * Math.PI) / 180)));
  const widthAtHeight = (y: number) => Math.min(widthAt(radius, y), portHalf / sine);
  return [
    [-widthAtHeight(-portHeight), -portHeight],
    [widthAtHeight(-portHeight), -portHeight],
    [widthAtHeight(portHeight), portHeight],
    [-widthAtHeight(portHeight), portHeight],
  ];
}

/** A port through a plug from above. */
function plugFromAbove(radius: number, portHalf: number, opening: number): Shape[] {
  const edge = (Math.asin(Math.min(1, portHalf / radius)) * 180) / Math.PI;
  const side = arc(0, 0, radius, edge, 180 - edge);
  return [side, mirroredY(side)].map((s) => region("closure", turned(s, boreAngle(opening))));
}

/**
 * Taper plugs: wrapped in a sleeve, or sealed by sealant in grooves and held up from below.
 *
 * @param kind of seal
 * @returns function that draws both views
 * @source mechanics of taper plugs
 */
export function plugViews(kind: "sleeved" | "lubricated") {
  return (section: SectionOf): Drawing[] => {
    const d = section.dimensions;
    const radius = d.closureDiameterMm / 2;
    const r = d.boreMm / 2;
    const portHalf = 0.68 * r;
    const sleeve = kind === "sleeved" ? 0.1 * radius + 1.5 : 0;
    const height = 1.38 * r;
    const chamber = [widthAt(radius, height) + sleeve, height] as const;
    const setting = { chamber, ends: "flanged", joints: [] } as const;
    const shell = shellOf(d, setting);
    const stem = stemShapes({
      diameter: d.stemDiameterMm,
      foot: height * 0.98,
      roof: chamber[1],
      top: shell.halfHeight,
      shoulder: false,
      bonnetHalf: kind === "sleeved" ? radius * 1.02 : null,
    });
    const plug: Point[] = [
      [-widthAt(radius, -height), -height],
      [widthAt(radius, -height), -height],
      [widthAt(radius, height), height],
      [-widthAt(radius, height), height],
    ];
    const wall: Point[] = [
      [widthAt(radius, -height), -height],
      [widthAt(radius, -height) + sleeve, -height],
      [widthAt(radius, height) + sleeve, height],
      [widthAt(radius, height), height],
    ];
    // The body behind sleeve or plug fills the space between the square chamber and the taper.
    const backing: Point[] = [
      [widthAt(radius, -height) + sleeve, -height],
      [chamber[0], -height],
      [chamber[0], height],
      [widthAt(radius, height) + sleeve, height],
    ];
    const outside = (list: Point[]): Point[][] => splitAtBore(list, r);
    const open = section.openingDegrees > 5;
    const fluid = [...boreFluid(d, shell.halfLength, radius * 0.9, open)];
    const grooves: Shape[] =
      kind === "lubricated"
        ? [1, -1].flatMap((s) => [
            line(
              "seal",
              [s * widthAt(radius, 0.86 * height), 0.86 * height],
              [s * widthAt(radius, -0.86 * height), -0.86 * height],
            ),
          ])
        : [];
    const sides = [...outside(backing), ...outside(mirroredX(backing))].map((s) => region("body", s));
    const sleeves =
      kind === "sleeved" ? [...outside(wall), ...outside(mirroredX(wall))].map((s) => region("seat", s)) : [];
    const cover: Shape[] =
      kind === "sleeved"
        ? [
            region("seal", box(-radius * 1.02, height, -d.stemDiameterMm / 2, height + 0.12 * radius)),
            region("seal", box(d.stemDiameterMm / 2, height, radius * 1.02, height + 0.12 * radius)),
          ]
        : [
            region(
              "bonnet",
              box(-radius * 1.2, -(shell.halfHeight + 0.5 * shell.wall), radius * 1.2, -shell.halfHeight),
            ),
            region(
              "bolt",
              box(
                -0.25 * d.stemDiameterMm,
                -(shell.halfHeight + 1.1 * shell.wall),
                0.25 * d.stemDiameterMm,
                -height,
              ),
            ),
            region(
              "bolt",
              box(
                -0.2 * d.stemDiameterMm,
                stem.top,
                0.2 * d.stemDiameterMm,
                stem.top + 0.4 * d.stemDiameterMm,
              ),
            ),
            line("seal", [0, stem.top], [0, height * 0.9]),
          ];
    const elevation: Shape[] = [
      ...fluid,
      ...shellShapes(d, setting, {
        top: kind === "sleeved" ? radius * 1.02 : d.stemDiameterMm / 2,
        bottom: kind === "lubricated" ? 0.4 * d.stemDiameterMm : 0,
      }),
      ...sides,
      ...sleeves,
      ...stem.shapes,
      region(
        open ? "upstream" : "cavity",
        portInElevation(radius, portHalf, 0.98 * r, section.openingDegrees),
      ),
      region("closure", plug, portInElevation(radius, portHalf, 0.98 * r, section.openingDegrees)),
      ...grooves,
      ...cover,
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const opening = (Math.asin(Math.min(1, portHalf / (radius + sleeve))) * 180) / Math.PI;
    const ringSide = (from: number, to: number, inner: number, outer: number): Point[] => [
      ...arc(0, 0, outer, from, to),
      ...arc(0, 0, inner, to, from),
    ];
    const halves = [
      [opening, 180 - opening],
      [180 + opening, 360 - opening],
    ] as const;
    const above: Shape[] = [
      ...fluid,
      ...shellShapes(d, { ...setting, chamber: [radius + sleeve, radius + sleeve] }, { top: 0, bottom: 0 }),
      region(open ? "upstream" : "cavity", circle(0, 0, radius)),
      ...[1, -1].map((s) =>
        region("body", [
          [-(radius + sleeve), s * portHalf],
          [-(radius + sleeve), s * (radius + sleeve)],
          [radius + sleeve, s * (radius + sleeve)],
          [radius + sleeve, s * portHalf],
          ...arc(0, 0, radius + sleeve, s * opening, s * (180 - opening)),
        ]),
      ),
      ...(kind === "sleeved"
        ? halves.map(([a, b]) => region("seat", ringSide(a, b, radius, radius + sleeve)))
        : []),
      ...plugFromAbove(radius, portHalf, section.openingDegrees),
      ...(kind === "lubricated"
        ? [45, 135, 225, 315].map((a) => region("seal", circle(...polar(radius * 0.99, a), 0.035 * radius)))
        : []),
      line("axis", [-shell.halfLength * 1.05, 0], [shell.halfLength * 1.05, 0]),
    ];
    const _reach = Math.max(0.86 * d.boreMm + 18, shell.halfHeight) * 1.08;
    const _edge = { left: -shell.halfLength * 1.05, right: shell.halfLength * 1.05 };
    const places: PartPlace[] = [
      { part: "body", at: [-chamber[0] * 0.4, -(chamber[1] + shell.wall / 2)] },
      { part: "plug", at: [0, -1.15 * r] },
      ...(kind === "sleeved"
        ? [
            { part: "sleeve", at: [-(radius + sleeve / 2), -1.15 * r] as Point },
            { part: "cover", at: stem.bonnetAt },
            { part: "diaphragm", at: [radius * 0.8, height + 0.06 * radius] as Point },
          ]
        : [
            { part: "grooves", at: [-widthAt(radius, -0.8 * height), -0.8 * height] as Point },
            { part: "cover", at: [radius, -(shell.halfHeight + 0.25 * shell.wall)] as Point },
            { part: "fitting", at: [0, stem.top + 0.3 * d.stemDiameterMm] as Point },
            { part: "stem", at: [0, stem.top - 0.6 * d.stemDiameterMm] as Point },
            { part: "gland", at: stem.glandAt },
          ]),
      { part: "packing", at: stem.packingAt },
    ];
    const forces =
      open || section.thrustN <= 0
        ? []
        : [
            {
              name: "line presses the plug to the far side",
              newtons: section.thrustN,
              at: [-radius, 0] as Point,
              towards: [1, 0] as Point,
            },
          ];
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

const polar = (radius: number, degrees: number): [number, number] => [
  radius * Math.cos((degrees * Math.PI) / 180),
  radius * Math.sin((degrees * Math.PI) / 180),
];

/** The part of a four-cornered wall above and below the bore. */
function splitAtBore(wall: readonly Point[], r: number): Point[][] {
  const [lowIn, lowOut, highOut, highIn] = wall as [Point, Point, Point, Point];
  const between = (a: Point, b: Point, y: number): Point => [
    a[0] + ((b[0] - a[0]) * (y - a[1])) / (b[1] - a[1]),
    y,
  ];
  return [
    [lowIn, lowOut, between(lowOut, highOut, -r), between(lowIn, highIn, -r)],
    [between(lowIn, highIn, r), between(lowOut, highOut, r), highOut, highIn],
  ];
}

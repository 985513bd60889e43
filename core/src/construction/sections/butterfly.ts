import {
  box,
  circle,
  type Drawing,
  line,
  type PartPlace,
  type Point,
  region,
  type SectionOf,
  type Shape,
  turned,
} from "./shape.ts";
import { boreFluid, pipeStubs, shellOf, shellShapes } from "./shell.ts";
import { stemShapes } from "./stem.ts";

type Offsets = "concentric" | "double" | "triple";

/** Slant of the seating cone's axis in a triple-offset body, degrees. */
const coneSlant = 9;

/**
 * Discs. From above the shaft is across the view: behind the seat plane by the first offset, beside the middle of the
 * bore by the second; the third tilts the cone of the seat.
 *
 * @param kind how many offsets
 * @returns function that draws both views
 * @source mechanics of eccentric discs
 */
export function butterflyViews(kind: Offsets) {
  return (section: SectionOf): Drawing[] => {
    const d = section.dimensions;
    const R = Math.min(d.closureDiameterMm / 2, d.boreMm / 2);
    const [behind, beside] =
      kind === "concentric" ? [0, 0] : (d.offsetsMm ?? [0.16 * d.boreMm, 0.03 * d.boreMm]);
    const shaft: Point = [behind, beside];
    const shaftRadius = d.stemDiameterMm / 2;
    const thick = Math.max(0.055 * d.boreMm, 0.5 * d.stemDiameterMm);
    const width = Math.max(d.faceToFaceMm ?? 0, 0.34 * d.boreMm, 2 * (behind + shaftRadius * 1.6)) / 2;
    const bodyHeight = d.boreMm / 2 + 0.1 * d.boreMm + 4;
    const setting = { chamber: [width, d.boreMm / 2], ends: "wafer", joints: [] } as const;
    const shell = shellOf({ ...d, faceToFaceMm: 2 * width }, setting);
    const turn = section.openingDegrees;
    const lined = kind === "concentric";
    const slant = kind === "triple" ? Math.tan((coneSlant * Math.PI) / 180) : 0;
    // Cone faces above and below meet the disc at different angles once the cone leans.
    const face = (s: 1 | -1): Point[] => {
      const lean = (kind === "concentric" ? 0 : 0.28) * thick;
      const tilt = slant * thick * s;
      return [
        [-thick / 2, s * (R - lean + tilt)],
        [thick / 2, s * (R + 0 - tilt * 0.2)],
      ];
    };
    const [upLeft, upRight] = face(1);
    const [lowLeft, lowRight] = face(-1);
    const plate: Point[] =
      kind === "concentric"
        ? [
            [-0.22 * thick, R],
            [0.22 * thick, R],
            [thick / 2, shaftRadius * 1.5],
            [thick / 2, -shaftRadius * 1.5],
            [0.22 * thick, -R],
            [-0.22 * thick, -R],
            [-thick / 2, -shaftRadius * 1.5],
            [-thick / 2, shaftRadius * 1.5],
          ]
        : [upLeft!, upRight!, lowRight!, lowLeft!];
    const hub: Point[] =
      kind === "concentric"
        ? circle(0, 0, shaftRadius * 1.45)
        : [
            [thick / 2 - 1, beside + shaftRadius * 2.2],
            [behind + shaftRadius * 0.6, beside + shaftRadius * 1.4],
            [behind + shaftRadius * 1.4, beside],
            [behind + shaftRadius * 0.6, beside - shaftRadius * 1.4],
            [thick / 2 - 1, beside - shaftRadius * 2.2],
          ];
    const swing = (list: readonly Point[]) => turned(list, -turn, shaft);
    const lining = 0.045 * d.boreMm + 2;
    const seats: Shape[] = lined
      ? [1, -1].map((s) =>
          region("seat", box(-width, s * (d.boreMm / 2), width, s * (d.boreMm / 2 - lining * 0.45))),
        )
      : ([1, -1] as const).map((s) => {
          const tilt = slant * thick * s;
          return region("seat", [
            [-thick * 0.9, s * (R - 0.3 * thick + tilt)],
            [thick * 0.9, s * (R + 0.02 * thick - tilt * 0.2)],
            [thick * 0.9, s * (d.boreMm / 2 + 0.3 * lining)],
            [-thick * 0.9, s * (d.boreMm / 2 + 0.3 * lining)],
          ]);
        });
    const ring: Shape[] =
      kind === "triple"
        ? [
            region("seal", swing([upLeft!, upRight!, [thick / 2, R * 0.93], [-thick / 2, R * 0.93]])),
            region("seal", swing([lowLeft!, lowRight!, [thick / 2, -R * 0.93], [-thick / 2, -R * 0.93]])),
          ]
        : [];
    const open = turn > 4;
    const fluid = boreFluid(d, shell.halfLength + 0.75 * d.boreMm, 0, open);
    const above: Shape[] = [
      ...fluid,
      ...pipeStubs(d, shell.halfLength),
      ...shellShapes({ ...d, faceToFaceMm: 2 * width }, setting, { top: -width, bottom: -width })
        .slice(0, 4)
        .filter((_, i) => i % 2 === 0),
      ...seats,
      region("closure", swing(plate)),
      region("closure", swing(hub)),
      ...ring,
      region("stem", circle(shaft[0], shaft[1], shaftRadius)),
      line("axis", [-shell.halfLength - 0.7 * d.boreMm, 0], [shell.halfLength + 0.7 * d.boreMm, 0]),
      ...(kind === "concentric" ? [] : [line("axis", [behind, -R], [behind, R])]),
    ];
    // Along the stem the disc is seen edge on while shut, and as a face that narrows with the sine while it opens.
    const seen = Math.max(thick / 2, R * Math.sin((turn * Math.PI) / 180));
    const discFace: Point[] = circle(0, 0, 1).map(([u, v]) => [
      u * seen + behind * (1 - Math.cos((turn * Math.PI) / 180)),
      v * R,
    ]);
    const stem = stemShapes(
      {
        diameter: d.stemDiameterMm,
        foot: -R * 1.02,
        roof: d.boreMm / 2,
        top: bodyHeight + 0.12 * d.boreMm,
        shoulder: false,
      },
      behind,
    );
    const elevation: Shape[] = [
      ...fluid,
      ...pipeStubs(d, shell.halfLength),
      ...[1, -1].map((s) =>
        region("body", box(-width, s * (d.boreMm / 2), width, s * (bodyHeight + 0.12 * d.boreMm))),
      ),
      ...seats,
      region("closure", discFace),
      ...stem.shapes,
      ...[1, -1].map((s) =>
        region(
          "bearing",
          box(
            behind + s * shaftRadius,
            d.boreMm / 2 + lining * 0.2,
            behind + s * shaftRadius * 1.3,
            bodyHeight,
          ),
        ),
      ),
      region("stem", box(behind - shaftRadius, -bodyHeight, behind + shaftRadius, -R)),
      ...[1, -1].map((s) =>
        region(
          "bearing",
          box(
            behind + s * shaftRadius,
            -bodyHeight,
            behind + s * shaftRadius * 1.3,
            -d.boreMm / 2 - lining * 0.2,
          ),
        ),
      ),
      line("axis", [-shell.halfLength - 0.7 * d.boreMm, 0], [shell.halfLength + 0.7 * d.boreMm, 0]),
    ];
    const places: PartPlace[] = [
      { part: "body", at: [-width * 0.7, -(d.boreMm / 2 + 0.06 * d.boreMm)] },
      { part: "disc", at: [0, -R * 0.5] },
      { part: lined ? "lining" : "seat", at: [-thick * 0.5, -R] },
      { part: "shaft", at: [behind, stem.top - d.stemDiameterMm * 0.5] },
      { part: "packing", at: stem.packingAt },
      { part: "gland", at: stem.glandAt },
      { part: "ring", at: [0, R * 0.96] },
    ];
    const _edge = { left: -shell.halfLength - 0.8 * d.boreMm, right: shell.halfLength + 0.8 * d.boreMm };
    const _reach = (0.86 * d.boreMm + 18) * 1.06;
    const forces =
      turn > 4 || section.thrustN <= 0
        ? []
        : [
            {
              name: "thrust into the shaft’s bearings",
              newtons: section.thrustN,
              at: [-0.5 * d.boreMm, R * 0.45] as Point,
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

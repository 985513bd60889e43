import type { PieceRole, Way } from "@proven-seat/core/bodies";
import type { Role } from "@proven-seat/core/sections";
import { sectionViews } from "@proven-seat/core/sections";
import type { ShopStep } from "@proven-seat/core/shop";
import { memo, useMemo } from "react";
import { type Lifted, SectionShapes } from "../../parts/section-shapes.tsx";
import type { SectionData } from "../../workers/views.ts";

/** What of the drawing a piece is; nothing where the drawing does not show its like. */
const drawnAs: Partial<Record<PieceRole, Role>> = {
  spring: "spring",
  seal: "seal",
  seat: "seat",
  bolting: "bolt",
  bearing: "bearing",
  stem: "stem",
  shell: "bonnet",
  "closing member": "closure",
};

/** What is in one place of the drawing can be drawn out of it; of what is in several, all are marked where they are. */
const inOnePlace: ReadonlySet<Role> = new Set<Role>(["stem", "closure", "bonnet"]);

/** Of the longest side of the drawing, how far a part is drawn out of it. */
const far = 0.34;
const directions: Readonly<Record<Way, readonly [number, number]>> = {
  up: [0, 1],
  down: [0, -1],
  "along the bore": [1, 0],
  inward: [0, -1],
  stays: [0, 0],
};

/** The section with the part of a step drawn out along its way. */
export const LiftedPart = memo(function LiftedPart({ data, of }: { data: SectionData; of: ShopStep }) {
  const opening = of.at === "open" ? 90 : 0;
  const view = useMemo(
    () =>
      sectionViews(data.construction, {
        dimensions: data.dimensions,
        openingDegrees: opening,
        cavity: data.cavity.id,
        thrustN: 0,
        seatLoadN: 0,
      })[0],
    [data, opening],
  );
  if (!view) return null;
  const { left, right, top, bottom } = view.box;
  const [width, height] = [right - left, top - bottom];
  const role = (of.piece && drawnAs[of.piece.role]) ?? null;
  const [dx, dy] = of.piece ? directions[of.piece.way] : [0, 0];
  const reach = far * Math.max(width, height);
  const shown = role !== null && view.shapes.some((shape) => shape.role === role);
  const out = role !== null && inOnePlace.has(role) ? reach : 0;
  const lifted: Lifted | null = shown ? { role, by: [dx * out, dy * out] } : null;
  const room = {
    left: 0.05 * width,
    right: far * width + 0.05 * width,
    above: far * height,
    below: far * height,
  };
  return (
    <svg
      className="h-full w-full"
      viewBox={`${-room.left} ${-room.above} ${width + room.left + room.right} ${height + room.above + room.below}`}
      role="img"
      aria-label={
        of.piece === null
          ? `Section, the closing member ${opening === 90 ? "open" : "shut"}`
          : shown
            ? `Section: ${of.piece.name} ${out > 0 ? `drawn out ${of.piece.way}` : "marked"}`
            : `Section: ${of.piece.name} is not drawn in it`
      }
    >
      <SectionShapes view={{ ...view, forces: [] }} scale={1} x0={0} y0={0} lifted={lifted} />
    </svg>
  );
});

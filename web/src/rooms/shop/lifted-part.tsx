import type { Way } from "@proven-seat/core/construction/bodies";
import { sectionViews, shapesOf } from "@proven-seat/core/construction/sections";
import type { ShopStep } from "@proven-seat/core/outcome/shop";
import { memo, useMemo } from "react";
import { type Lifted, SectionShapes } from "../../parts/section-shapes.tsx";
import type { SectionData } from "../../workers/views.ts";
import { opensOn, pointAt, sideOf } from "./piece-place.ts";

/** Share of the drawing's longest side by which a part is drawn out. */
const far = 0.34;
const directions: Readonly<Record<Way, readonly [number, number]>> = {
  up: [0, 1],
  down: [0, -1],
  "along the bore": [1, 0],
  inward: [0, -1],
  stays: [0, 0],
};

/** The section with the part of a step drawn out along its way. */
export const LiftedPart = memo(function LiftedPart({ data, step }: { data: SectionData; step: ShopStep }) {
  const opening = step.at === "open" ? 90 : 0;
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
  const pieceAt = step.piece && pointAt(view, data.parts, step.piece.id);
  const side = step.piece && sideOf(view, step.piece.id);
  const shapes = new Set(step.piece ? shapesOf(view, step.piece.role, pieceAt, side !== null) : []);
  const moves = shapes.size > 0;
  const [dx, dy] = step.piece ? directions[step.piece.way] : [0, 0];
  // A seat of a trunnion ball leaves by its own end, everything else by the end that opens.
  const before = dx > 0 && (/^upstream-/.test(step.piece?.id ?? "") || opensOn(view) < 0);
  const reach = far * Math.max(width, height);
  const by = [(before ? -dx : dx) * reach, dy * reach] as const;
  const lifted: Lifted | null = moves ? { shapes, by } : null;
  const point = moves ? null : pieceAt;
  const room = {
    left: (before ? far + 0.05 : 0.05) * width,
    right: (before ? 0.05 : far + 0.05) * width,
    above: far * height,
    below: far * height,
  };
  return (
    <svg
      className="h-full w-full"
      viewBox={`${-room.left} ${-room.above} ${width + room.left + room.right} ${height + room.above + room.below}`}
      role="img"
      aria-label={
        step.piece === null
          ? `Section, closing member ${opening === 90 ? "open" : "closed"}`
          : moves
            ? `Section: ${step.piece.name} removed ${step.piece.way}`
            : `Section: ${step.piece.name} ${point ? "marked" : "is not drawn in it"}`
      }
    >
      <SectionShapes view={{ ...view, forces: [] }} scale={1} x0={0} y0={0} lifted={lifted} />
      {point && (
        <circle
          cx={point[0] - left}
          cy={top - point[1]}
          r={width / 22}
          fill="none"
          stroke="var(--fails)"
          strokeWidth={width / 110}
        />
      )}
    </svg>
  );
});

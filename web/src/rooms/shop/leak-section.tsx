import { sectionViews, type View } from "@proven-seat/core/construction/sections";
import type { LeakPicture, LeakPlace } from "@proven-seat/core/outcome/shop";
import { memo, useMemo } from "react";
import { SectionShapes } from "../../parts/section-shapes.tsx";
import type { SectionData } from "../../workers/views.ts";
import { pointAt } from "./piece-place.ts";

type At = readonly [x: number, y: number];

/** Where a joint is drawn: at the first of its seals the drawing names. */
const jointAt = (view: View, parts: SectionData["parts"], pieces: readonly string[]): At | null =>
  pieces.map((piece) => pointAt(view, parts, piece)).find((point) => point !== null) ?? null;

/** The way of the fluid as points: from where it comes in, joint by joint over the closing member, to where it shows. */
function wayOf(view: View, data: SectionData, way: LeakPicture["ways"][number], place: LeakPlace): At[] {
  const { left, right, top } = view.box;
  const over: At = [0, (0.97 * data.dimensions.closureDiameterMm) / 2];
  const joints = way.flatMap(({ pieces }): At[] => {
    const place = jointAt(view, data.parts, pieces);
    return place ? [[place[0], Math.abs(place[1])]] : [];
  });
  const last = joints.at(-1);
  if (!last) return [];
  const crossed = joints.flatMap((point, i) =>
    i > 0 && joints[i - 1]![0] * point[0] < 0 ? [over, point] : [point],
  );
  const inBore = 0.35 * data.dimensions.boreMm;
  return [[left * 0.85, inBore], ...crossed, place === "outside" ? [last[0], top] : [right * 0.9, inBore]];
}

/** The section with its joints to pick where it leaks, or with the ways the fluid may take lit through them. */
export const LeakSection = memo(function LeakSection({
  data,
  traced,
  onPick,
}: {
  data: SectionData;
  /** The traced path; null where it is to be selected. */
  traced: LeakPicture | null;
  onPick: (place: LeakPlace) => void;
}) {
  const view = useMemo(
    () =>
      sectionViews(data.construction, {
        dimensions: data.dimensions,
        openingDegrees: 0,
        cavity: data.cavity.id,
        thrustN: 0,
        seatLoadN: 0,
      })[0],
    [data],
  );
  if (!view) return null;
  const { left, right, top, bottom } = view.box;
  const [width, height] = [right - left, top - bottom];
  const px = ([x, y]: At) => `${x - left},${top - y}`;
  const [best] = traced?.ranked ?? [];
  // The likeliest leak path is drawn last, on top. Leak paths along the same line are drawn once.
  const lines = new Map<string, boolean>();
  for (const way of traced?.ways ?? []) {
    const points = wayOf(view, data, way, traced!.place).map(px).join(" ");
    lines.set(points, lines.get(points) || way.some(({ id }) => id === best?.joint));
  }
  const ways = [...lines].sort(([, a], [, b]) => Number(a) - Number(b));
  const joints = traced
    ? []
    : data.leakPaths.flatMap(({ path, place, pieces }) => {
        const jointPlace = jointAt(view, data.parts, pieces);
        return jointPlace
          ? [
              {
                path,
                at: jointPlace,
                place: place === "external" ? ("outside" as const) : ("through the valve" as const),
              },
            ]
          : [];
      });
  return (
    <svg
      className="max-h-96 w-full"
      viewBox={`0 0 ${width} ${height}`}
      role={traced ? "img" : "group"}
      aria-label={traced ? "Section with possible leak paths" : "Section: select where it leaks"}
    >
      <SectionShapes view={{ ...view, forces: [] }} scale={1} x0={0} y0={0} />
      {ways.map(([points, lit]) => (
        <polyline
          key={points}
          points={points}
          fill="none"
          stroke={lit ? "var(--fails)" : "var(--cannot)"}
          strokeWidth={width / (lit ? 80 : 160)}
          strokeDasharray={lit ? undefined : `${width / 60}`}
        />
      ))}
      {joints.map(({ path, at, place }) => (
        <g
          key={path}
          role="button"
          tabIndex={0}
          aria-label={`Leak path: ${path}`}
          className="cursor-pointer"
          onClick={() => onPick(place)}
          onKeyDown={(e) => (e.key === "Enter" || e.key === " ") && onPick(place)}
        >
          <title>{path}</title>
          <circle cx={at[0] - left} cy={top - at[1]} r={width / 14} fill="transparent" />
          <circle
            cx={at[0] - left}
            cy={top - at[1]}
            r={width / 45}
            fill="none"
            stroke={place === "outside" ? "var(--tight)" : "var(--fails)"}
            strokeWidth={width / 130}
          />
        </g>
      ))}
    </svg>
  );
});

import { figure } from "@proven-seat/core/basis/units";
import { memo, type ReactNode, useMemo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswers } from "../../bench/answers.ts";
import { useLast } from "../../parts/use-last.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { BreakingPoint, MapCell, MovableValue } from "../../workers/views.ts";
import { inReading, unitOf } from "./value-text.ts";

const columns = 32;
const rows = 20;

/** Places judged: a little beyond where the value first fails, or round about it while that is not known. */
function places(movable: MovableValue, point: BreakingPoint | undefined, count: number): number[] {
  const reach = Math.max(Math.abs(movable.value) * 0.6, 10);
  const from = Math.max(
    movable.least,
    point?.failsDown ? point.failsDown.to - 0.15 * reach : movable.value - reach,
  );
  const to = Math.min(
    movable.most,
    point?.failsUp
      ? point.failsUp.to + 0.25 * Math.max(reach, point.failsUp.to - movable.value)
      : movable.value + reach,
  );
  return Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 0.5)) / count);
}

interface Drawn {
  readonly mapKey: string;
  readonly x: readonly number[];
  readonly y: readonly number[];
  readonly cells: readonly (readonly (MapCell | null)[])[];
}

interface Props {
  view: BenchView;
  across: MovableValue;
  up: MovableValue;
  points: Readonly<Record<string, BreakingPoint>>;
  pickers: ReactNode;
}

const fillOf: Record<MapCell["verdict"], string> = {
  holds: "url(#map-holds)",
  tight: "url(#map-tight)",
  fails: "url(#map-fails)",
  "cannot tell": "url(#map-cannot)",
  "not asked": "var(--second)",
};

/** A map of two values, row by row from the present one; patterns carry the meaning, colour supports it. */
export const ReachMap = memo(function ReachMap({ view, across, up, points, pickers }: Props) {
  const units = useUnits();
  const key = view.selected!.candidate.key;
  const [pointAcross, pointUp] = [points[across.path], points[up.path]];
  const grid = useMemo(() => {
    if (!pointAcross || !pointUp) return null;
    const y = places(up, pointUp, rows);
    const near = y.map((_, i) => i).sort((a, b) => Math.abs(y[a]! - up.value) - Math.abs(y[b]! - up.value));
    return { x: places(across, pointAcross, columns), y, near };
  }, [across, up, pointAcross, pointUp]);
  const { answers, current } = useAnswers(
    view.proof,
    "mapRow",
    grid === null
      ? []
      : grid.near.map(
          (i) => [key, { path: across.path, at: grid.x }, { path: up.path, at: grid.y[i]! }] as const,
        ),
    { keep: false },
  );
  const mapKey = `${key} ${across.path} ${up.path}`;
  // The map of the last duty stays until the first row of its successor has come in.
  const filled = (): Drawn | null => {
    if (grid === null || !current.some(Boolean)) return null;
    const cells: (readonly (MapCell | null)[])[] = grid.y.map(() => []);
    for (const [index, row] of answers.entries()) if (row) cells[grid.near[index]!] = row;
    return { mapKey, x: grid.x, y: grid.y, cells };
  };
  const last = useLast(filled());
  const drawn = last?.mapKey === mapKey ? last : null;
  const [width, height] = [columns * 10, rows * 10];
  const place = (points: readonly number[], value: number, size: number) => {
    const step = points[1]! - points[0]!;
    return ((value - (points[0]! - step / 2)) / (step * points.length)) * size;
  };
  const ends = (points: readonly number[], movable: MovableValue) =>
    [points[0]!, points.at(-1)!].map((v) => figure(inReading(v, movable, units)));
  return (
    <figure className="flex min-h-0 flex-col gap-1" aria-label="Map of two values">
      {pickers}
      {drawn === null ? (
        <p className="text-[12px] text-dim">The map appears when both values are searched …</p>
      ) : (
        <>
          <svg
            role="img"
            className="min-h-0 w-full flex-1"
            viewBox={`-2 -2 ${width + 4} ${height + 4}`}
            preserveAspectRatio="none"
            aria-label={`${across.label} against ${up.label}: where the selected valve holds, is tight or fails`}
          >
            <defs>
              <pattern id="map-holds" width="10" height="10" patternUnits="userSpaceOnUse">
                <rect width="10" height="10" fill="color-mix(in srgb, var(--holds) 26%, var(--paper))" />
              </pattern>
              <pattern id="map-tight" width="10" height="10" patternUnits="userSpaceOnUse">
                <rect width="10" height="10" fill="color-mix(in srgb, var(--tight) 26%, var(--paper))" />
                <circle cx="5" cy="5" r="1.5" fill="var(--tight)" />
              </pattern>
              <pattern id="map-fails" width="10" height="10" patternUnits="userSpaceOnUse">
                <rect width="10" height="10" fill="color-mix(in srgb, var(--fails) 30%, var(--paper))" />
                <path d="M0 10L10 0" stroke="var(--fails)" strokeWidth="1.4" />
              </pattern>
              <pattern id="map-cannot" width="10" height="10" patternUnits="userSpaceOnUse">
                <rect width="10" height="10" fill="var(--paper)" />
                <circle cx="5" cy="5" r="2.6" fill="none" stroke="var(--cannot)" />
              </pattern>
            </defs>
            {drawn.cells.map((row, j) =>
              row.map((cell, i) =>
                cell === null ? null : (
                  <rect
                    // biome-ignore lint/suspicious/noArrayIndexKey: a place in the grid is its index
                    key={`${i} ${j}`}
                    x={i * 10}
                    y={height - (j + 1) * 10}
                    width="10.2"
                    height="10.2"
                    fill={fillOf[cell.verdict]}
                  >
                    <title>{`${figure(inReading(drawn.x[i]!, across, units))} ${unitOf(across, units)}, ${figure(inReading(drawn.y[j]!, up, units))} ${unitOf(up, units)}: ${cell.verdict}${cell.asks && cell.verdict !== "holds" ? `, ${cell.asks}` : ""}`}</title>
                  </rect>
                ),
              ),
            )}
            <g stroke="var(--ink)" strokeWidth="1.5" fill="none">
              <path
                d={`M${place(drawn.x, across.value, width)} 0V${height}M0 ${height - place(drawn.y, up.value, height)}H${width}`}
                strokeDasharray="3 3"
                strokeWidth="0.8"
              />
            </g>
          </svg>
          <figcaption className="grid grid-cols-[1rem_minmax(0,1fr)_auto] gap-x-1 text-[11px] text-dim">
            {(
              [
                ["→", across, drawn.x],
                ["↑", up, drawn.y],
              ] as const
            ).map(([towards, value, places]) => (
              <span key={towards} className="contents">
                <span aria-hidden="true">{towards}</span>
                <span className="truncate">{value.label}</span>
                <span className="figures text-[11px]!">
                  {ends(places, value).join(" … ")} {unitOf(value, units)}
                </span>
              </span>
            ))}
            <span className="col-span-3">
              plain: holds · dots: tight · strokes: fails · dashed cross: now
            </span>
          </figcaption>
        </>
      )}
    </figure>
  );
});

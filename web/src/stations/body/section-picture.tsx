import { figure, figureText } from "@proven-seat/core/basis/units";
import { sectionViews, type View } from "@proven-seat/core/construction/sections";
import { memo, useEffect, useMemo, useRef, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { SectionShapes } from "../../parts/section-shapes.tsx";
import type { SectionData } from "../../workers/views.ts";

const labelPitch = 15;
/** Room for a name beside the drawing, with the end of its leader: the typeface may be narrower, never wider. */
const roomFor = (name: string) => 14 + 6.2 * name.length;

/** Place of a view on the stage, in pixels, with labels spread down either side so that none covers another. */
function laidOut(view: View, parts: SectionData["parts"], stage: { width: number; height: number }) {
  const { left, right, top, bottom } = view.box;
  const names = new Map(parts.map((p) => [p.id, p]));
  const middle = (left + right) / 2;
  const sideOf = (x: number) => (x < middle ? -1 : 1);
  const roomAt = (which: -1 | 1) =>
    Math.max(
      4,
      ...view.places
        .filter((p) => sideOf(p.at[0]) === which)
        .map((p) => roomFor(names.get(p.part)?.name ?? "")),
    );
  const [before, after] = [roomAt(-1), roomAt(1)];
  const scale = Math.max(
    0.01,
    Math.min((stage.width - before - after) / (right - left), stage.height / (top - bottom)),
  );
  const x0 = before + (stage.width - before - after - scale * (right - left)) / 2;
  const y0 = (stage.height - scale * (top - bottom)) / 2;
  const px = (x: number) => x0 + (x - left) * scale;
  const py = (y: number) => y0 + (top - y) * scale;
  const side = (which: -1 | 1) => {
    const mine = view.places.filter((p) => sideOf(p.at[0]) === which).sort((a, b) => b.at[1] - a.at[1]);
    let next = labelPitch / 2;
    return mine.map((place, i) => {
      const lowest = stage.height - (mine.length - 1 - i) * labelPitch - labelPitch / 2;
      const y = Math.min(Math.max(next, py(place.at[1])), lowest);
      next = y + labelPitch;
      const x = which < 0 ? px(left) - 6 : px(right) + 6;
      return { which, part: names.get(place.part)!, x, y, to: [px(place.at[0]), py(place.at[1])] as const };
    });
  };
  return { scale, x0, y0, labels: [...side(-1), ...side(1)] };
}

/** A section through the selected candidate, turned by a slider; drawn from its own dimensions. */
export const SectionPicture = memo(function SectionPicture({ data }: { data: SectionData }) {
  const [opening, setOpening] = useState(0);
  const [which, setWhich] = useState<View["name"]>("along the stem");
  const units = useUnits();
  const stage = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 340, height: 260 });
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setSize({ width, height });
    });
    watch.observe(stage.current!);
    return () => watch.disconnect();
  }, []);
  const views = useMemo(
    () =>
      sectionViews(data.construction, {
        dimensions: data.dimensions,
        openingDegrees: opening,
        cavity: data.cavity.id,
        thrustN: data.thrustN,
        seatLoadN: data.seatLoadN,
      }),
    [data, opening],
  );
  const view = views.find((v) => v.name === which) ?? views[0];
  if (!view) return null;
  const { scale, x0, y0, labels } = laidOut(view, data.parts, size);
  return (
    <figure className="flex min-h-0 flex-1 flex-col" aria-label="Section">
      <div ref={stage} className="min-h-0 flex-1 overflow-hidden">
        <svg
          role="img"
          aria-label={`Section ${view.name}, ${opening}° open: ${labels.map((n) => n.part.name).join(", ")}`}
          width={size.width}
          height={size.height}
        >
          <SectionShapes view={view} scale={scale} x0={x0} y0={y0} />
          {labels.map(({ part, which: side, x, y, to }) => (
            <g key={part.id}>
              <title>{part.does}</title>
              <polyline
                points={`${x},${y} ${to[0]},${to[1]}`}
                fill="none"
                stroke="var(--dim)"
                strokeWidth={0.7}
              />
              <circle cx={to[0]} cy={to[1]} r={1.6} fill="var(--ink)" />
              <text
                x={x + side * 3}
                y={y + 4}
                fontSize={12}
                textAnchor={side < 0 ? "end" : "start"}
                fill="var(--ink)"
              >
                {part.name}
              </text>
            </g>
          ))}
        </svg>
      </div>
      <figcaption className="grid gap-1 pb-1 text-[12px]">
        <span className="flex items-center gap-3">
          <span className="flex">
            {views.map((v) => (
              <button
                key={v.name}
                type="button"
                aria-pressed={v.name === view.name}
                className={`border border-rule px-1.5 whitespace-nowrap ${v.name === view.name ? "bg-second font-semibold" : "text-dim"}`}
                onClick={() => setWhich(v.name)}
              >
                {v.name}
              </button>
            ))}
          </span>
          <label className="flex min-w-0 flex-1 items-center gap-2">
            <span className="text-dim">turn</span>
            <input
              type="range"
              min={0}
              max={90}
              value={opening}
              className="min-w-0 flex-1 accent-[var(--ink)]"
              aria-label="opening angle"
              aria-valuetext={`${opening}° open`}
              onChange={(e) => setOpening(Number(e.target.value))}
            />
            <span className="figures w-10 shrink-0 text-right">
              {opening === 0 ? "closed" : `${opening}°`}
            </span>
          </label>
        </span>
        <span className="text-dim">
          {view.forces.length > 0
            ? `Closed at ${figureText(data.differentialBar, "bar", units)}: ${view.forces.map((f) => `${f.name} ${figure(f.newtons / 1000)} kN`).join(", ")}.`
            : "Close it to see the forces."}
          {data.dimensionsEstimated ? " Dimensions estimated from the bore." : ""}
        </span>
      </figcaption>
    </figure>
  );
});

import { type Force, type Role, sectionViews, type View } from "@proven-seat/core/sections";
import { figure, figureText } from "@proven-seat/core/units";
import { memo, useEffect, useMemo, useRef, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import type { SectionData } from "../../workers/views.ts";

/** Fill of what a shape is made of; cut metal is hatched, the fluid is tinted by its pressure. */
const fills: Partial<Record<Role, string>> = {
  body: "url(#cut-body)",
  bonnet: "url(#cut-bonnet)",
  closure: "var(--rule)",
  stem: "color-mix(in srgb, var(--ink) 45%, var(--paper))",
  seat: "var(--holds)",
  seal: "var(--ink)",
  bearing: "var(--tight)",
  bolt: "var(--dim)",
  weld: "var(--ink)",
  pipe: "var(--second)",
  upstream: "color-mix(in srgb, var(--cannot) 42%, var(--paper))",
  cavity: "color-mix(in srgb, var(--cannot) 20%, var(--paper))",
  downstream: "var(--paper)",
};
const fluids: readonly Role[] = ["upstream", "downstream", "cavity"];

const Hatch = ({ id, turn, pitch }: { id: string; turn: number; pitch: number }) => (
  <pattern
    id={id}
    width={pitch}
    height={pitch}
    patternUnits="userSpaceOnUse"
    patternTransform={`rotate(${turn})`}
  >
    <rect width={pitch} height={pitch} fill="var(--second)" />
    <line x1="0" y1="0" x2="0" y2={pitch} stroke="var(--dim)" strokeWidth={pitch / 6} />
  </pattern>
);

const labelPitch = 15;
/** Room a name takes beside the drawing, with the end of its leader: the face runs narrow, but never wider. */
const roomFor = (name: string) => 14 + 6.2 * name.length;

/** Where a view lies on the stage, in pixels, with labels spread down either side so that none covers another. */
function laidOut(view: View, parts: SectionData["parts"], stage: { width: number; height: number }) {
  const { left, right, top, bottom } = view.box;
  const names = new Map(parts.map((p) => [p.id, p]));
  const middle = (left + right) / 2;
  const sideOf = (at: number) => (at < middle ? -1 : 1);
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

function Arrow({ force, size }: { force: Force; size: number }) {
  const [x, y] = force.at;
  const [dx, dy] = force.towards;
  const tip = [x + dx * size * 2.2, y + dy * size * 2.2] as const;
  return (
    <g stroke="var(--fails)" fill="var(--fails)">
      <line x1={x} y1={y} x2={tip[0]} y2={tip[1]} strokeWidth={size / 3} />
      <path
        d={`M${tip[0] + dx * size} ${tip[1]}L${tip[0]} ${tip[1] + size / 1.6}L${tip[0]} ${tip[1] - size / 1.6}Z`}
        stroke="none"
      />
    </g>
  );
}

/** A section through the candidate in hand, turned by hand; drawn from its own dimensions. */
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
  const { left, right, top } = view.box;
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
          <defs>
            <Hatch id="cut-body" turn={45} pitch={7 / scale} />
            <Hatch id="cut-bonnet" turn={-45} pitch={7 / scale} />
          </defs>
          <g transform={`translate(${x0},${y0}) scale(${scale},${-scale}) translate(${-left},${-top})`}>
            {view.shapes.map((shape, i) => (
              <path
                // biome-ignore lint/suspicious/noArrayIndexKey: shapes have a fixed order and no names
                key={i}
                d={shape.path}
                fillRule="evenodd"
                fill={shape.line || shape.role === "hidden" ? "none" : (fills[shape.role] ?? "none")}
                stroke={
                  fluids.includes(shape.role)
                    ? "none"
                    : shape.role === "seal" && shape.line
                      ? "var(--tight)"
                      : "var(--ink)"
                }
                strokeWidth={(shape.role === "axis" ? 0.6 : 0.9) / scale}
                strokeDasharray={
                  shape.role === "axis"
                    ? [9, 3, 2, 3].map((n) => n / scale).join(" ")
                    : shape.role === "hidden"
                      ? `${4 / scale}`
                      : undefined
                }
              />
            ))}
            {view.forces.map((force) => (
              <Arrow key={force.name} force={force} size={(right - left) / 26} />
            ))}
          </g>
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
            <span className="figures w-10 shrink-0 text-right">{opening === 0 ? "shut" : `${opening}°`}</span>
          </label>
        </span>
        <span className="text-dim">
          {view.forces.length > 0
            ? `Shut at ${figureText(data.differentialBar, "bar", units)}: ${view.forces.map((f) => `${f.name} ${figure(f.newtons / 1000)} kN`).join(", ")}.`
            : "Turn it shut to see what presses."}
          {data.dimensionsEstimated ? " Dimensions estimated from the bore." : ""}
        </span>
      </figcaption>
    </figure>
  );
});

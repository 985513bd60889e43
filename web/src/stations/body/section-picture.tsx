import { type Force, type Role, sectionViews, type View } from "@proven-seat/core/sections";
import { figure } from "@proven-seat/core/units";
import { memo, useMemo, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { figureText } from "../../parts/verdict-words.ts";
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

/** Labels spread down either side, so that none covers another. */
function labelled(view: View, parts: SectionData["parts"]) {
  const { left, right, top, bottom } = view.box;
  const middle = (left + right) / 2;
  const names = new Map(parts.map((p) => [p.id, p]));
  const gap = (top - bottom) / 15;
  const side = (which: -1 | 1) => {
    const mine = view.places
      .filter((p) => (p.at[0] < middle ? -1 : 1) === which)
      .sort((a, b) => b.at[1] - a.at[1]);
    let next = top - gap / 2;
    return mine.map((place, i) => {
      const room = bottom + (mine.length - 1 - i) * gap + gap / 2;
      const y = Math.max(Math.min(next, place.at[1]), room);
      next = y - gap;
      return { ...place, which, y, part: names.get(place.part)! };
    });
  };
  return [...side(-1), ...side(1)];
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
  if (!view) return <p className="p-4 text-dim">No section is drawn for this construction.</p>;
  const { left, right, bottom, top } = view.box;
  const [width, height] = [right - left, top - bottom];
  const named = labelled(view, data.parts);
  // Room for labels only on a side that has any.
  const [before, after] = ([-1, 1] as const).map((side) =>
    named.some((n) => n.which === side) ? width * 0.4 : width * 0.04,
  ) as [number, number];
  const text = Math.max(height * 1.15, width + before + after) / 25;
  return (
    <figure className="flex min-h-0 flex-1 flex-col" aria-label="Section">
      <svg
        role="img"
        aria-label={`Section ${view.name}, ${opening}° open: ${named.map((n) => n.part.name).join(", ")}`}
        className="min-h-0 w-full flex-1"
        viewBox={`${left - before} ${-top} ${width + before + after} ${height}`}
      >
        <defs>
          <Hatch id="cut-body" turn={45} pitch={width / 44} />
          <Hatch id="cut-bonnet" turn={-45} pitch={width / 44} />
        </defs>
        <g transform="scale(1,-1)">
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
              strokeWidth={shape.role === "axis" ? width / 700 : width / 420}
              strokeDasharray={
                shape.role === "axis"
                  ? `${width / 40} ${width / 160} ${width / 160} ${width / 160}`
                  : shape.role === "hidden"
                    ? `${width / 90}`
                    : undefined
              }
            />
          ))}
          {view.forces.map((force) => (
            <Arrow key={force.name} force={force} size={width / 26} />
          ))}
        </g>
        {named.map(({ part, at, which: side, y }) => {
          const x = side < 0 ? left - width * 0.02 : right + width * 0.02;
          return (
            <g key={part.id}>
              <title>{part.does}</title>
              <polyline
                points={`${x},${-y} ${at[0]},${-at[1]}`}
                fill="none"
                stroke="var(--dim)"
                strokeWidth={width / 600}
              />
              <circle cx={at[0]} cy={-at[1]} r={width / 150} fill="var(--ink)" />
              <text
                x={x + side * width * 0.01}
                y={-y + text * 0.33}
                fontSize={text}
                textAnchor={side < 0 ? "end" : "start"}
                fill="var(--ink)"
                style={{ fontStretch: "80%" }}
              >
                {part.name}
              </text>
            </g>
          );
        })}
      </svg>
      <figcaption className="grid gap-1 pb-1 text-[12px]">
        <span className="flex items-center gap-3">
          <span className="flex">
            {views.map((v) => (
              <button
                key={v.name}
                type="button"
                aria-pressed={v.name === view.name}
                className={`border border-rule px-1.5 ${v.name === view.name ? "bg-second font-semibold" : "text-dim"}`}
                onClick={() => setWhich(v.name)}
              >
                {v.name}
              </button>
            ))}
          </span>
          <label className="flex flex-1 items-center gap-2">
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
            <span className="figures w-14 text-right">{opening === 0 ? "shut" : `${opening}°`}</span>
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

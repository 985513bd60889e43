import type { Force, Role, View } from "@proven-seat/core/construction/sections";

/** Fill by material; cut metal is hatched, fluid is tinted by its pressure. */
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

/** A part that is drawn out of its place, and how far, mm: x along the pipe, y upwards. */
export interface Lifted {
  /** Places of its shapes in the view. */
  readonly shapes: ReadonlySet<number>;
  readonly by: readonly [x: number, y: number];
}

/** The shapes of a section with its forces, at a scale and a place of the stage. */
export function SectionShapes({
  view,
  scale,
  x0,
  y0,
  lifted = null,
}: {
  view: View;
  scale: number;
  x0: number;
  y0: number;
  lifted?: Lifted | null;
}) {
  const out = (place: number) => lifted?.shapes.has(place) ?? false;
  const { left, right, top } = view.box;
  return (
    <>
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
            transform={out(i) ? `translate(${lifted!.by[0]},${lifted!.by[1]})` : undefined}
            fillRule="evenodd"
            fill={shape.line || shape.role === "hidden" ? "none" : (fills[shape.role] ?? "none")}
            stroke={
              out(i)
                ? "var(--fails)"
                : fluids.includes(shape.role)
                  ? "none"
                  : shape.role === "seal" && shape.line
                    ? "var(--tight)"
                    : "var(--ink)"
            }
            strokeWidth={(shape.role === "axis" ? 0.6 : out(i) ? 2.4 : 0.9) / scale}
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
    </>
  );
}

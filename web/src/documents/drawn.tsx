import type { Drawing, Mark, Tone } from "@proven-seat/core/outcome/documents";
import { useId } from "react";

/** The tones of a drawing on screen; a shape without a tone has the background colour. */
const tones: Readonly<Partial<Record<Tone, string>>> = {
  ink: "var(--ink)",
  dim: "var(--dim)",
  rule: "var(--rule)",
  paper: "var(--paper)",
  holds: "var(--holds)",
  tight: "var(--tight)",
  fails: "var(--fails)",
  "cannot tell": "var(--cannot)",
  "not asked": "var(--dim)",
  body: "color-mix(in srgb, var(--ink) 18%, var(--paper))",
  bonnet: "color-mix(in srgb, var(--ink) 18%, var(--paper))",
  closure: "color-mix(in srgb, var(--holds) 35%, var(--paper))",
  stem: "color-mix(in srgb, var(--ink) 45%, var(--paper))",
  seat: "var(--tight)",
  seal: "var(--ink)",
  spring: "color-mix(in srgb, var(--ink) 45%, var(--paper))",
  bearing: "color-mix(in srgb, var(--tight) 45%, var(--paper))",
  bolt: "color-mix(in srgb, var(--ink) 45%, var(--paper))",
  weld: "color-mix(in srgb, var(--ink) 45%, var(--paper))",
  upstream: "color-mix(in srgb, var(--holds) 12%, var(--paper))",
};

function Drawn({ mark, clip }: { mark: Mark; clip: string }) {
  switch (mark.kind) {
    case "dot":
      return <circle cx={mark.x} cy={mark.y} r={mark.radius} fill={tones[mark.fill]} />;
    case "words":
      return (
        <text
          x={mark.x}
          y={mark.y}
          fontSize={mark.size}
          textAnchor={mark.align === "right" ? "end" : "start"}
          fill={tones[mark.tone]}
        >
          {mark.words}
        </text>
      );
    case "path": {
      const { d, stroke, fill, width, dash, own, within } = mark;
      return (
        <g clipPath={within && `url(#${clip})`}>
          <path
            d={d}
            fill={(fill && tones[fill]) ?? "none"}
            fillRule="evenodd"
            stroke={(stroke && tones[stroke]) ?? "none"}
            strokeWidth={width / (own?.scale ?? 1)}
            strokeDasharray={dash?.join(" ")}
            transform={own && `translate(${own.x},${own.y}) scale(${own.scale},${-own.scale})`}
          />
        </g>
      );
    }
  }
}

/** A drawing of a document, as large as its place. */
export function DrawingView({ drawing: { wide, high, says, marks } }: { drawing: Drawing }) {
  const clip = useId();
  const within = marks.find((mark) => mark.kind === "path" && mark.within !== undefined);
  const box = within?.kind === "path" ? within.within : undefined;
  return (
    <svg role="img" aria-label={says} viewBox={`0 0 ${wide} ${high}`} className="w-full">
      {box && (
        <clipPath id={clip}>
          <rect x={box.x} y={box.y} width={box.wide} height={box.high} />
        </clipPath>
      )}
      {marks.map((mark, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: marks have a fixed order and no names
        <Drawn key={index} mark={mark} clip={clip} />
      ))}
    </svg>
  );
}

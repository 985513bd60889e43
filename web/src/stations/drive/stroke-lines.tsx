import { LineKey } from "../../parts/line-key.tsx";

/** How the lines of the stroke picture are drawn, in the picture and in its legend. */
export const lineStyles = {
  needed: { name: "demand × factor", width: 2.4, type: "solid", colour: "ink" },
  demand: { name: "demand", width: 1, type: "dotted", colour: "dim" },
  low: { name: "output, lowest supply", width: 1.8, type: "solid", colour: "holds" },
  high: { name: "output, highest supply", width: 1.2, type: "dashed", colour: "cannot tell" },
} as const;

const dashes = { solid: undefined, dashed: "4 3", dotted: "1.5 2" };

export function StrokeLegend() {
  return (
    <LineKey
      lines={Object.values(lineStyles).map((l) => ({
        name: l.name,
        width: l.width,
        dashes: dashes[l.type],
        colour: `var(--${l.colour === "cannot tell" ? "cannot" : l.colour})`,
      }))}
    />
  );
}

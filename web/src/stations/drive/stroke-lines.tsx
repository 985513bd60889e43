/** How the lines of the stroke picture are drawn, in the picture and in its legend. */
export const lineStyles = {
  needed: { name: "demand × factor", width: 2.4, type: "solid", colour: "ink" },
  demand: { name: "demand", width: 1, type: "dotted", colour: "dim" },
  low: { name: "output, lowest supply", width: 1.8, type: "solid", colour: "holds" },
  high: { name: "output, highest supply", width: 1.2, type: "dashed", colour: "cannot tell" },
} as const;

/** What each line is, beside a piece of it. */
export function StrokeLegend() {
  return (
    <ul className="flex flex-wrap gap-x-4 text-[12px] text-dim" aria-label="Lines">
      {Object.values(lineStyles).map((l) => (
        <li key={l.name} className="flex items-center gap-1.5">
          <svg width="22" height="6" aria-hidden="true">
            <line
              x1="0"
              x2="22"
              y1="3"
              y2="3"
              stroke={`var(--${l.colour === "cannot tell" ? "cannot" : l.colour})`}
              strokeWidth={l.width}
              strokeDasharray={l.type === "solid" ? undefined : l.type === "dashed" ? "4 3" : "1.5 2"}
            />
          </svg>
          {l.name}
        </li>
      ))}
    </ul>
  );
}

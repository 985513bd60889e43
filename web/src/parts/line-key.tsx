interface Keyed {
  readonly name: string;
  readonly width: number;
  readonly dashes?: string | undefined;
  /** CSS colour. */
  readonly colour: string;
}

/** Legend of a picture's lines, each with a sample. */
export function LineKey({ lines }: { lines: readonly Keyed[] }) {
  return (
    <ul className="flex flex-wrap gap-x-4 text-[12px] text-dim" aria-label="Lines">
      {lines.map((l) => (
        <li key={l.name} className="flex items-center gap-1.5">
          <svg width="22" height="6" aria-hidden="true">
            <line
              x1="0"
              x2="22"
              y1="3"
              y2="3"
              stroke={l.colour}
              strokeWidth={l.width}
              strokeDasharray={l.dashes}
            />
          </svg>
          {l.name}
        </li>
      ))}
    </ul>
  );
}

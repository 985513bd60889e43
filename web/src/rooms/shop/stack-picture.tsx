import type { SeatChain, StackAssessment } from "@proven-seat/core/outcome/shop";

const [width, rowHeight, left] = [360, 22, 4];

/** The chain drawn link by link, each an arrow from the end of the one before. */
export function ChainDrawn({ chain }: { chain: SeatChain }) {
  const sizes = chain.links.map(({ nominalMm, measuredMm, sense }) => sense * (measuredMm ?? nominalMm));
  const ends: (readonly [from: number, to: number])[] = [];
  let position = 0;
  for (const size of sizes) {
    ends.push([position, position + size]);
    position += size;
  }
  const [least, maximum] = [Math.min(0, ...ends.flat()), Math.max(0.001, ...ends.flat())];
  const x = (mm: number) => left + ((mm - least) / (maximum - least)) * (width - 2 * left);
  return (
    <svg
      className="w-full"
      viewBox={`0 0 ${width} ${rowHeight * chain.links.length + 6}`}
      role="img"
      aria-label={`Chain of ${chain.links.length} links`}
    >
      {chain.links.map(({ name }, i) => {
        const [from, to] = ends[i]!;
        const y = rowHeight * i + 16;
        const tip = to > from ? -5 : 5;
        // A label far to the right would leave the picture.
        const late = Math.min(x(from), x(to)) > width / 2;
        return (
          <g key={name} stroke="var(--ink)" fill="var(--ink)">
            <line x1={x(from)} x2={x(to)} y1={y} y2={y} strokeWidth={1.4} />
            <path d={`M${x(to)} ${y}l${tip} -3.5v7z`} stroke="none" />
            {i > 0 && (
              <line
                x1={x(from)}
                x2={x(from)}
                y1={y - rowHeight}
                y2={y}
                stroke="var(--dim)"
                strokeDasharray="2 2"
                strokeWidth={0.8}
              />
            )}
            <text
              x={late ? width - left : Math.min(x(from), x(to)) + 2}
              y={y - 4}
              fontSize={10}
              fill="var(--dim)"
              stroke="none"
              textAnchor={late ? "end" : "start"}
            >
              {name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** Trials by compression: loose ones left of zero, over-compressed ones right of the seat's limit. */
export function Histogram({ assessment, mostMm }: { assessment: StackAssessment; mostMm: number }) {
  const { fromMm, toMm, counts } = assessment.histogram;
  const height = 130;
  const [least, maximum] = [Math.min(fromMm, 0), Math.max(toMm, mostMm)];
  const x = (mm: number) => ((mm - least) / (maximum - least)) * width;
  const tallest = Math.max(1, ...counts);
  const step = (toMm - fromMm) / counts.length;
  return (
    <svg
      className="w-full"
      viewBox={`0 0 ${width} ${height + 16}`}
      role="img"
      aria-label="Trials by seat compression"
    >
      {counts.map((count, i) => {
        const middle = fromMm + (i + 0.5) * step;
        const bad = middle < 0 || middle > mostMm;
        return (
          <rect
            key={middle}
            x={x(fromMm + i * step)}
            width={Math.max(0.5, x(fromMm + (i + 1) * step) - x(fromMm + i * step) - 1)}
            y={height - (height * count) / tallest}
            height={(height * count) / tallest}
            fill={bad ? "var(--fails)" : "var(--holds)"}
          />
        );
      })}
      {(
        [
          [0, "loose"],
          [mostMm, "over"],
        ] as const
      ).map(([mm, name]) => (
        <g key={name}>
          <line x1={x(mm)} x2={x(mm)} y1={0} y2={height} stroke="var(--ink)" strokeDasharray="3 3" />
          <text
            x={Math.min(width - 2, Math.max(2, x(mm)))}
            y={height + 12}
            fontSize={10}
            fill="var(--dim)"
            textAnchor={x(mm) > width / 2 ? "end" : "start"}
          >
            {name}
          </text>
        </g>
      ))}
      <line x1={0} x2={width} y1={height} y2={height} stroke="var(--rule)" />
    </svg>
  );
}

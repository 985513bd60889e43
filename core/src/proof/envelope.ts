import { valueOnCurve } from "../reference/curve.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** One limit of an assembly: a line of points, or a temperature it ends at. */
export interface LimitLine {
  readonly name: string;
  readonly part: "body" | "seat";
  readonly points: readonly (readonly [temperatureC: number, pressureBar: number])[];
}

export interface TemperatureEnd {
  readonly name: string;
  readonly temperatureC: number;
  readonly end: "lowest" | "highest";
}

/** Pressure–temperature limits of one candidate, as a picture needs them. */
export interface Envelope {
  readonly lines: readonly LimitLine[];
  readonly ends: readonly TemperatureEnd[];
  /** The lowest of all lines between the governing ends; empty when the ends leave nothing. */
  readonly lowest: readonly (readonly [temperatureC: number, pressureBar: number])[];
  readonly lowestC: number;
  readonly highestC: number;
}

/** Lines are drawn from here where a curve has no lower end of its own. */
const coldEndC = -60;

/**
 * The envelope of a candidate: body rating, seat limit, temperature ends of seat, seals and grade, and the
 * lowest of them.
 *
 * @param candidate a proven candidate
 * @returns lines in bar against °C; the lowest line is exact at every bend and crossing of the lines
 * @throws never
 * @source the same curves and ends the envelope rules examine
 * @example envelopeOf(candidate).lowest.length
 */
export function envelopeOf({ valve }: Pick<ProvenCandidate, "valve">): Envelope {
  const { ratingCurve, grade, seat, seals } = valve;
  const coldestSeal = seals.parts.reduce((a, b) => (b.material.minimumC > a.material.minimumC ? b : a));
  const hottestSeal = seals.parts.reduce((a, b) => (b.material.maximumC < a.material.maximumC ? b : a));
  const top = ratingCurve.temperatureC.at(-1)!;
  const ends: TemperatureEnd[] = [
    { name: `grade ${grade.grade}`, temperatureC: grade.minimumC, end: "lowest" },
    { name: "seat", temperatureC: seat.material.minimumC, end: "lowest" },
    { name: coldestSeal.part, temperatureC: coldestSeal.material.minimumC, end: "lowest" },
    { name: `grade ${grade.grade}`, temperatureC: Math.min(grade.maximumC, top), end: "highest" },
    { name: "seat", temperatureC: seat.material.excursionMaximumC, end: "highest" },
    { name: hottestSeal.part, temperatureC: hottestSeal.material.maximumC, end: "highest" },
  ];
  const lowestC = Math.max(...ends.filter((e) => e.end === "lowest").map((e) => e.temperatureC));
  const highestC = Math.min(...ends.filter((e) => e.end === "highest").map((e) => e.temperatureC));
  const from = Math.min(coldEndC, lowestC);
  const curves = [
    {
      name: `body, ${valve.size.designation}, group ${grade.group}`,
      part: "body" as const,
      curve: ratingCurve,
      to: top,
    },
    ...(seat.curve
      ? [
          {
            name: `seat, ${seat.material.name}, ${seat.curveName}`,
            part: "seat" as const,
            curve: seat.curve,
            to: seat.material.excursionMaximumC,
          },
        ]
      : []),
  ];
  const lines = curves.map(({ name, part, curve, to }) => ({
    name,
    part,
    points: [...new Set([from, ...curve.temperatureC.filter((t) => t > from && t < to), to])].map(
      (t) => [t, valueOnCurve(curve, t)] as const,
    ),
  }));
  return {
    lines,
    ends,
    lowest: lowestLine(
      curves.map((c) => c.curve),
      lowestC,
      highestC,
    ),
    lowestC,
    highestC,
  };
}

type Point = readonly [number, number];

function lowestLine(
  curves: readonly { temperatureC: readonly number[]; value: readonly number[] }[],
  fromC: number,
  toC: number,
): Point[] {
  if (fromC >= toC) return [];
  const bends = [
    ...new Set([fromC, ...curves.flatMap((c) => c.temperatureC).filter((t) => t > fromC && t < toC), toC]),
  ].sort((a, b) => a - b);
  const at = (t: number) => Math.min(...curves.map((c) => valueOnCurve(c, t)));
  const points: Point[] = [];
  bends.forEach((t, i) => {
    const before = bends[i - 1];
    // Between two bends both lines are straight, so they cross at most once.
    if (before !== undefined && curves.length === 2) {
      const gap = (x: number) => valueOnCurve(curves[0]!, x) - valueOnCurve(curves[1]!, x);
      const [a, b] = [gap(before), gap(t)];
      if (a * b < 0) {
        const cross = before + ((t - before) * a) / (a - b);
        points.push([cross, at(cross)]);
      }
    }
    points.push([t, at(t)]);
  });
  return points;
}

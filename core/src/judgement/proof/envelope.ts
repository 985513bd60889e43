import type { HouseRules } from "../../basis/house/house-rules.ts";
import { valueOnCurve } from "../../basis/reference/curve.ts";
import type { SettledCase } from "../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { isPassing } from "../../duty/statement/case-kinds.ts";
import type { LimitedPart, PartLimit } from "../rules/limits/part-limit.ts";
import { assemblyLimit, partLimits } from "../rules/limits/part-limits.ts";
import type { ProvenCandidate } from "./candidate.ts";

type Point = readonly [temperatureC: number, pressureBar: number];

/** One limit of an assembly as a line of points. */
export interface LimitLine {
  readonly name: string;
  readonly part: LimitedPart;
  readonly points: readonly Point[];
}

/** A temperature an assembly ends at, and the part that ends it. */
export interface TemperatureEnd {
  readonly name: string;
  readonly part: LimitedPart;
  readonly temperatureC: number;
  readonly end: "lowest" | "stays to" | "passes to";
}

/** Limit of the assembly in one case, with its margin. */
export interface CaseLimit {
  readonly caseId: string;
  readonly limitBar: number;
  readonly governs: string;
  readonly part: LimitedPart;
  /** Pressure compared: the shut differential for a seat, the higher side for everything else. */
  readonly valueBar: number;
  /** limit/value − 1; null where nothing presses. */
  readonly margin: number | null;
}

/** Pressure–temperature limits of one candidate, as the chart needs them. */
export interface Envelope {
  readonly lines: readonly LimitLine[];
  /** The ends that govern: the coldest it may be, the hottest it may stay at, and the hottest it may pass. */
  readonly ends: readonly TemperatureEnd[];
  /** The lowest of all parts where the valve may stay; empty when the ends leave nothing. */
  readonly lowest: readonly Point[];
  /** The same where it may only pass through; starts where `lowest` ends. */
  readonly excursion: readonly Point[];
  readonly lowestC: number;
  readonly highestC: number;
  readonly excursionC: number;
  readonly byCase: readonly CaseLimit[];
}

/** Curves without a lower end are drawn from here. */
const coldEndC = -60;

/**
 * The envelope of a candidate: the limits of every part and the lowest of them, for continuous service and for
 * excursions, and the part that governs each case.
 *
 * @param candidate a proven candidate
 * @param duty settled duty it was proved for
 * @param house house rules
 * @returns lines in bar against °C; the lowest line is exact at every bend and crossing of the lines
 * @source the same curves and ends the envelope rules examine
 */
export function envelopeOf(
  { valve }: Pick<ProvenCandidate, "valve">,
  duty: SettledDuty,
  house: HouseRules,
): Envelope {
  const limits = partLimits(valve, duty, house);
  const lowestC = Math.max(...limits.map((l) => l.fromC));
  const highestC = Math.min(...limits.map((l) => l.toC));
  const excursionC = Math.min(...limits.map((l) => l.excursionC));
  const from = Math.min(coldEndC, lowestC);
  const curved = limits.filter((l) => l.curve !== null);
  const lines = curved.map(({ name, part, curve, excursionC: to }) => ({
    name: `${part}, ${name}`,
    part,
    points: [...new Set([from, ...curve!.temperatureC.filter((t) => t > from && t < to), to])]
      .sort((a, b) => a - b)
      .map((t) => [t, valueOnCurve(curve!, t)] as const),
  }));
  return {
    lines,
    ends: [
      endedBy("lowest", limits, (l) => l.fromC, lowestC),
      endedBy("stays to", limits, (l) => l.toC, highestC),
      ...(excursionC > highestC ? [endedBy("passes to", limits, (l) => l.excursionC, excursionC)] : []),
    ],
    lowest: lowestLine(curved, lowestC, highestC),
    excursion: highestC < excursionC ? lowestLine(curved, Math.max(lowestC, highestC), excursionC) : [],
    lowestC,
    highestC,
    excursionC,
    byCase: duty.cases.filter((c) => c.kind !== "fire").flatMap((c) => caseLimit(limits, c)),
  };
}

function endedBy(
  end: TemperatureEnd["end"],
  limits: readonly PartLimit[],
  limitAt: (limit: PartLimit) => number,
  temperatureC: number,
): TemperatureEnd {
  const governs = limits.find((l) => limitAt(l) === temperatureC)!;
  return { name: governs.because ?? governs.name, part: governs.part, temperatureC, end };
}

/** The part with the least margin in a case. */
function caseLimit(limits: readonly PartLimit[], c: SettledCase): CaseLimit[] {
  const { temperatureC, pressureBarG, closedDifferentialBar } = c;
  if (temperatureC === null || pressureBarG === null) return [];
  const ofPart = limits
    .filter((l) => l.part !== "seat" || c.shut)
    .map((l): CaseLimit => {
      const limitBar = assemblyLimit([l], temperatureC, isPassing(c.kind)).pressureBar;
      const valueBar = l.part === "seat" ? closedDifferentialBar! : pressureBarG;
      return {
        caseId: c.id,
        limitBar,
        governs: l.name,
        part: l.part,
        valueBar,
        margin: valueBar <= 0 ? (limitBar > 0 ? null : -1) : limitBar / valueBar - 1,
      };
    })
    .filter((l) => Number.isFinite(l.limitBar));
  return [ofPart.reduce((least, l) => ((l.margin ?? Infinity) < (least.margin ?? Infinity) ? l : least))];
}

/** The lowest of the curves between two temperatures, with a point at every bend and every crossing. */
function lowestLine(curved: readonly PartLimit[], fromC: number, toC: number): Point[] {
  if (fromC >= toC) return [];
  const curves = curved.map((l) => l.curve!);
  const bends = [
    ...new Set([fromC, ...curves.flatMap((c) => c.temperatureC).filter((t) => t > fromC && t < toC), toC]),
  ].sort((a, b) => a - b);
  const lowestAt = (t: number) => Math.min(...curves.map((c) => valueOnCurve(c, t)));
  const points: Point[] = [];
  bends.forEach((t, i) => {
    const before = bends[i - 1];
    if (before !== undefined) {
      // Between two bends every line is straight, so each pair crosses at most once.
      const crossings = curves.flatMap((curve, k) =>
        curves.slice(k + 1).flatMap((other) => {
          const gap = (x: number) => valueOnCurve(curve, x) - valueOnCurve(other, x);
          const [a, b] = [gap(before), gap(t)];
          return a * b < 0 ? [before + ((t - before) * a) / (a - b)] : [];
        }),
      );
      for (const cross of crossings.sort((a, b) => a - b)) points.push([cross, lowestAt(cross)]);
    }
    points.push([t, lowestAt(t)]);
  });
  return points;
}

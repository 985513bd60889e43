import { crossing } from "../../basis/calc/crossing.ts";
import type { Stream } from "../../duty/stream/stream-figures.ts";
import { firstOpening, type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import type { FlowAround } from "./assess.ts";
import { passingOf, streamAt } from "./passing.ts";
import type { Pipes } from "./pipes.ts";

/** Pressures on either side of a valve, quadratic in the flow: pump supply and line loss. */
export interface SystemCurve {
  /** The stream the flows are shares of: that of the largest case. */
  readonly stream: Stream;
  readonly upstreamBarA: (share: number) => number;
  readonly downstreamBarA: (share: number) => number;
  /** Pressure left at no flow, and the valve's share of the drop at the largest case. */
  readonly authority: number;
  /**
   * False where nothing describes the line, only one case does, or the cases do not form one line: pressures are then
   * constant.
   */
  readonly known: boolean;
}

/** A point of an installed characteristic. */
export interface InstalledPoint {
  readonly openingPercent: number;
  /** Share of the largest case's flow. */
  readonly share: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  /** Change of flow for a change of opening, both in per cent of the largest case's and of the stroke. */
  readonly gain: number;
}

/** p = a + b·q², through the points: exactly through two, least squares through more. */
function bySquare(points: readonly (readonly [share: number, bar: number])[]): readonly [number, number] {
  const n = points.length;
  if (n === 1) return [points[0]![1], 0];
  let [sx, sy, sxx, sxy] = [0, 0, 0, 0];
  for (const [q, p] of points) {
    const x = q * q;
    sx += x;
    sy += p;
    sxx += x * x;
    sxy += x * p;
  }
  const b = (n * sxy - sx * sy) / (n * sxx - sx * sx);
  return [(sy - b * sx) / n, b];
}

/** The largest of the cases that flow; null where none does. */
export function largestOf({ streams }: Pick<FlowAround, "streams">) {
  const flowing = streams.flatMap((caseStream) =>
    caseStream.stream === null ? [] : [{ ...caseStream, stream: caseStream.stream }],
  );
  return flowing.length === 0
    ? null
    : flowing.reduce((a, b) => (b.stream.massKgH > a.stream.massKgH ? b : a));
}

/**
 * The line around a valve, as stated and from its cases.
 *
 * @param around streams of the duty's cases, and the stated line
 * @returns pressures either side over the flow; null where nothing flows
 * @source a pump's curve before the valve, static head and friction by the square of the flow behind it; else through the
 *   cases, p = a + b·q², of the largest's fluid and direction. What a pump gives never rises with the flow, what a line
 *   takes never falls
 */
export function systemOf({ streams, line }: Pick<FlowAround, "streams" | "line">): SystemCurve | null {
  const largestCase = largestOf({ streams });
  if (largestCase === null) return null;
  const largest = largestCase.stream;
  const alike = streams.flatMap(({ stream, reverse }) =>
    stream !== null && stream.kind === largest.kind && reverse === largestCase.reverse ? [stream] : [],
  );
  const shares = new Map(alike.map((s) => [s.massKgH / largest.massKgH, s]));
  const points = [...shares];
  const [a1, b1] = bySquare(points.map(([q, s]) => [q, s.upstreamBarA]));
  const [a2, b2] = bySquare(points.map(([q, s]) => [q, s.downstreamBarA]));
  // A fit against physics means that the cases are not of one line: pressure is then constant at the largest.
  const ofOneLine = b1 <= 0 && b2 >= 0;
  const [up, falls] = ofOneLine ? [a1, b1] : [largest.upstreamBarA, 0];
  const [down, rises] = ofOneLine ? [a2, b2] : [largest.downstreamBarA, 0];
  const { pumpedBarA, staticBarA } = line;
  const behind = staticBarA !== null && staticBarA <= largest.downstreamBarA ? staticBarA : null;
  const upstreamBarA = pumpedBarA
    ? (q: number) => pumpedBarA(q * largestCase.rate)
    : (q: number) => up + falls * q * q;
  const [rest, friction] = behind === null ? [down, rises] : [behind, largest.downstreamBarA - behind];
  const downstreamBarA = (q: number) => rest + friction * q * q;
  const atNone = upstreamBarA(0) - downstreamBarA(0);
  return {
    stream: largest,
    upstreamBarA,
    downstreamBarA,
    authority: atNone > 0 ? Math.min(1, (upstreamBarA(1) - downstreamBarA(1)) / atNone) : 1,
    known: pumpedBarA !== null || behind !== null || (points.length > 1 && ofOneLine),
  };
}

/**
 * Flow through a trim in its line at an opening.
 *
 * @param trim in its body
 * @param openingPercent 0 shut to 100 open
 * @param system the line
 * @param pipes sizes of valve and pipe, mm
 * @returns as a share of the largest case's flow
 * @source the flow at which valve and line agree
 */
export function installedShare(
  trim: TrimInBody,
  openingPercent: number,
  system: SystemCurve,
  pipes: Pipes,
): number {
  const trimPoint = trimAt(trim, openingPercent);
  const spare = (q: number) => {
    const [up, down] = [system.upstreamBarA(q), system.downstreamBarA(q)];
    if (down >= up || up <= 0) return -1;
    // Its flow there, as a multiple of q.
    return passingOf(streamAt(system.stream, q, up, Math.max(0, down)), pipes).share(trimPoint) - 1;
  };
  let [near, atNear, far] = [0, Number.POSITIVE_INFINITY, 1];
  let atFar = spare(far);
  while (atFar > 0 && far < 1e6) {
    [near, atNear] = [far, atFar];
    far *= 2;
    atFar = spare(far);
  }
  if (atFar > 0) return far;
  // At no flow the valve could pass any multiple of it.
  if (near === 0) {
    near = 1e-9;
    atNear = spare(near);
    if (!(atNear > 0)) return 0;
  }
  return crossing(spare, { near, atNear, far, atFar }, 1e-13, 1e-13 * far);
}

/**
 * Installed characteristic and gain over the stroke.
 *
 * @param trim in its body
 * @param system the line
 * @param pipes sizes of valve and pipe, mm
 * @param steps intervals of the stroke
 * @returns points from the least opening that has a coefficient to wide open
 * @source `installedShare`; gain by central differences
 */
export function installedCurve(
  trim: TrimInBody,
  system: SystemCurve,
  pipes: Pipes,
  steps = 45,
): InstalledPoint[] {
  const from = Math.max(1, firstOpening(trim));
  const openings = Array.from({ length: steps + 1 }, (_, i) => from + ((100 - from) * i) / steps);
  const shares = openings.map((h) => installedShare(trim, h, system, pipes));
  return openings.map((openingPercent, i) => {
    const [a, b] = [Math.max(0, i - 1), Math.min(steps, i + 1)];
    const share = shares[i]!;
    return {
      openingPercent,
      share,
      upstreamBarA: system.upstreamBarA(share),
      downstreamBarA: system.downstreamBarA(share),
      gain: (100 * (shares[b]! - shares[a]!)) / (openings[b]! - openings[a]!),
    };
  });
}

/**
 * Installed gain at an opening.
 *
 * @param trim in its body
 * @param openingPercent where
 * @param system the line
 * @param pipes sizes of valve and pipe, mm
 * @returns change of flow for a change of opening, per cent of the largest case's flow for a per cent of the stroke
 * @source central difference over two per cent of the stroke, within the curve
 */
export function installedGain(
  trim: TrimInBody,
  openingPercent: number,
  system: SystemCurve,
  pipes: Pipes,
): number {
  const [from, to] = [Math.max(firstOpening(trim), openingPercent - 1), Math.min(100, openingPercent + 1)];
  const shareAt = (h: number) => installedShare(trim, h, system, pipes);
  return (100 * (shareAt(to) - shareAt(from))) / (to - from);
}

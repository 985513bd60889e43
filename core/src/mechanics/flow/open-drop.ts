import type { Stream } from "../../duty/stream/stream-figures.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import { passingOf, streamAt } from "./passing.ts";
import type { Pipes } from "./pipes.ts";

/**
 * Pressure a valve takes while it stands open.
 *
 * @param trim in its body
 * @param stream flow and pressure upstream
 * @param pipes sizes of valve and pipe, mm
 * @returns bar; the stream's own drop where wide open it passes no more at it
 * @source the drop at which `passes` gives the stream's flow, by halving on its logarithm
 */
export function openDropBar(trim: TrimInBody, stream: Stream, pipes: Pipes): number {
  const at = trimAt(trim, 100);
  const whole = stream.upstreamBarA - stream.downstreamBarA;
  const share = (bar: number) =>
    passingOf(streamAt(stream, 1, stream.upstreamBarA, stream.upstreamBarA - bar), pipes).share(at);
  if (share(whole) <= 1) return whole;
  let [low, high] = [whole * 1e-9, whole];
  for (let step = 0; step < 60 && high / low - 1 > 1e-9; step++) {
    const bar = Math.sqrt(low * high);
    if (share(bar) < 1) low = bar;
    else high = bar;
  }
  return Math.sqrt(low * high);
}

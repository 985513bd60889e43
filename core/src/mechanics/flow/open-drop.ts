import { crossing } from "../../basis/calc/crossing.ts";
import type { Stream } from "../../duty/stream/stream-figures.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import { passingOf, streamAt } from "./passing.ts";
import type { Pipes } from "./pipes.ts";

/**
 * Pressure drop of an open valve.
 *
 * @param trim in its body
 * @param stream flow and pressure upstream
 * @param pipes sizes of valve and pipe, mm
 * @returns bar; the stream's own drop where wide open it passes no more at it
 * @source the drop at which `passingOf` gives the stream's flow
 */
export function openDropBar(trim: TrimInBody, stream: Stream, pipes: Pipes): number {
  const trimPoint = trimAt(trim, 100);
  const whole = stream.upstreamBarA - stream.downstreamBarA;
  const share = (bar: number) =>
    passingOf(streamAt(stream, 1, stream.upstreamBarA, stream.upstreamBarA - bar), pipes).share(trimPoint);
  let [bar, passes] = [whole, share(whole)];
  if (passes <= 1) return whole;
  let above: readonly [bar: number, passes: number];
  do {
    above = [bar, passes];
    bar /= 10;
    passes = share(bar);
  } while (passes > 1);
  // At this drop floating-point numbers no longer tell the two pressures apart.
  if (!(passes > 0)) return above[0];
  // On logarithms the curve is nearly straight: flow is proportional to the root of the drop.
  const [near, atNear] = [Math.log(above[0]), Math.log(above[1])];
  const miss = (logBar: number) => Math.log(share(Math.exp(logBar)));
  return Math.exp(
    crossing(miss, { near, atNear, far: Math.log(bar), atFar: Math.log(passes) }, 1e-13, 1e-13),
  );
}

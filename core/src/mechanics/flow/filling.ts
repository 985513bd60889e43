import type { Stream } from "../../duty/stream/stream-figures.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import { passingOf, streamAt } from "./passing.ts";
import type { Pipes } from "./pipes.ts";

/** Steps of the integral over the pressure of what is filled or emptied. */
const steps = 200;

/**
 * Time in which a valve wide open fills a volume behind it, or empties one before it.
 *
 * @param trim in its body
 * @param stream at the pressures it begins with
 * @param pipes sizes of valve and pipe, mm
 * @param volumeM3 what is filled or emptied
 * @param empties the volume stands before the valve and blows down; else it stands behind it and fills
 * @returns s; a gas until both sides are at one pressure, a liquid at the drop it begins with. No sooner than that: the
 *   line and the stroke take their own time. Null for two phases
 * @source gas: dm = V·dρ at its temperature, the flow of IEC 60534-2-1 at every pressure on the way, with the root in
 *   which it dies out taken out of the integral; liquid: V over the flow
 */
export function fillingS(
  trim: TrimInBody,
  stream: Stream,
  pipes: Pipes,
  volumeM3: number,
  empties: boolean,
): number | null {
  const at = trimAt(trim, 100);
  const massKgS = (up: number, down: number) => {
    const between = streamAt(stream, 1, up, down);
    return (passingOf(between, pipes).share(at) * between.massKgH) / 3600;
  };
  const { upstreamBarA: high, downstreamBarA: low } = stream;
  if (stream.kind === "two-phase") return null;
  if (stream.kind === "liquid") return (volumeM3 * stream.densityKgM3) / massKgS(high, low);
  const kgPerBar = (volumeM3 * stream.densityKgM3) / high;
  const whole = high - low;
  let seconds = 0;
  for (let i = 0; i < steps; i++) {
    // The flow dies out with the root of what is left: with u from 0 to 1, left = whole·(1 − u)².
    const left = 1 - (i + 0.5) / steps;
    const bar = whole * left * left;
    const [up, down] = empties ? [low + bar, low] : [high, high - bar];
    seconds += (kgPerBar * 2 * whole * left) / steps / massKgS(up, down);
  }
  return seconds;
}

import type { Stream } from "../../duty/stream/stream-figures.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import { passingOf, streamAt } from "./passing.ts";
import type { Pipes } from "./pipes.ts";

/** Steps of the integral over the pressure of the volume. */
const steps = 200;

/**
 * Time in which a fully open valve fills a volume behind it, or empties one before it.
 *
 * @param trim in its body
 * @param stream at the pressures it begins with
 * @param pipes sizes of valve and pipe, mm
 * @param volumeM3 volume to fill or empty
 * @param empties the volume is before the valve and blows down; else it is behind it and fills
 * @returns s; for a gas until pressures are equal, for a liquid at the initial drop. The real time is longer: line and
 *   stroke add to it. Null for two phases
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
  const trimPoint = trimAt(trim, 100);
  const massKgS = (up: number, down: number) => {
    const between = streamAt(stream, 1, up, down);
    return (passingOf(between, pipes).share(trimPoint) * between.massKgH) / 3600;
  };
  const { upstreamBarA: high, downstreamBarA: low } = stream;
  if (stream.kind === "two-phase") return null;
  if (stream.kind === "liquid") return (volumeM3 * stream.densityKgM3) / massKgS(high, low);
  const kgPerBar = (volumeM3 * stream.densityKgM3) / high;
  const whole = high - low;
  let seconds = 0;
  for (let i = 0; i < steps; i++) {
    // Flow falls with the root of the remaining pressure: with u from 0 to 1, left = whole·(1 − u)².
    const left = 1 - (i + 0.5) / steps;
    const bar = whole * left * left;
    const [up, down] = empties ? [low + bar, low] : [high, high - bar];
    seconds += (kgPerBar * 2 * whole * left) / steps / massKgS(up, down);
  }
  return seconds;
}

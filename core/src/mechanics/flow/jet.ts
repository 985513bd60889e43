import type { Stream } from "../../duty/stream/stream-figures.ts";

/**
 * Velocity of the jet through a closing member that is only just off its seat.
 *
 * @param stream at the pressures either side
 * @returns m/s: of a liquid and of two phases by all of the drop, of a gas no faster than sound
 * @source v = √(2Δp/ρ); a gas v = √(2γ/(γ−1)·p/ρ·(1 − (p₂/p₁)^((γ−1)/γ))), up to the critical ratio
 */
export function jetMS(stream: Stream): number {
  const { upstreamBarA, downstreamBarA, densityKgM3 } = stream;
  if (stream.kind !== "gas") return Math.sqrt((2e5 * (upstreamBarA - downstreamBarA)) / densityKgM3);
  const k = stream.isentropicExponent;
  const critical = (2 / (k + 1)) ** (k / (k - 1));
  const ratio = Math.max(critical, downstreamBarA / upstreamBarA);
  return Math.sqrt(((2 * k) / (k - 1)) * ((upstreamBarA * 1e5) / densityKgM3) * (1 - ratio ** ((k - 1) / k)));
}

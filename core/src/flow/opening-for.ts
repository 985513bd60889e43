import { firstOpening, type TrimInBody, trimAt } from "../trims/index.ts";
import type { Passing } from "./passing.ts";

/** Where a trim stands to pass a stream. */
export type Standing =
  | { readonly openingPercent: number; readonly beyond: null }
  /** Wide open it passes less; at its least it passes more. */
  | { readonly openingPercent: 0 | 100; readonly beyond: "above capacity" | "below range" };

/**
 * The opening at which a trim passes a stream.
 *
 * @param trim in its body
 * @param passing what has to pass
 * @returns opening, 0 shut to 100 open; beyond its ends which of them
 * @source bracketing on the trim's curve with false position on the logarithm of the flow: within 1e-9 of it
 */
export function openingFor(trim: TrimInBody, passing: Passing): Standing {
  const miss = (h: number) => Math.log(passing.share(trimAt(trim, h)));
  let [low, high] = [firstOpening(trim), 100];
  let above = miss(high);
  // Where nothing passes at all, not even a logarithm of it, it is beyond.
  if (!(above >= 0))
    return { openingPercent: 100, beyond: above >= -1e-9 ? null : "above capacity" } as Standing;
  let below = miss(low);
  if (!(below <= 0)) return { openingPercent: 0, beyond: "below range" };
  for (let step = 0, side = 0; step < 100 && high - low > 1e-11; step++) {
    const by = below / (below - above);
    const h = step % 3 === 2 || !(by > 0 && by < 1) ? (low + high) / 2 : low + (high - low) * by;
    const missed = miss(h);
    if (Math.abs(missed) < 1e-10) return { openingPercent: h, beyond: null };
    if (missed > 0) {
      [high, above] = [h, missed];
      if (side === 1) below /= 2;
      side = 1;
    } else {
      [low, below] = [h, missed];
      if (side === -1) above /= 2;
      side = -1;
    }
  }
  return { openingPercent: (low + high) / 2, beyond: null };
}

import { firstOpening, type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import type { Passing } from "./pipes.ts";

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
 * @source Chandrupatla's bracketing on the trim's curve, on the logarithm of the flow: within 1e-9 of it
 */
export function openingFor(trim: TrimInBody, passing: Passing): Standing {
  const miss = (h: number) => Math.log(passing.share(trimAt(trim, h)));
  let [near, far] = [100, firstOpening(trim)];
  let atNear = miss(near);
  // Where nothing passes at all, not even a logarithm of it, it is beyond.
  if (!(atNear >= 0))
    return { openingPercent: 100, beyond: atNear >= -1e-9 ? null : "above capacity" } as Standing;
  let atFar = miss(far);
  if (!(atFar <= 0)) return { openingPercent: 0, beyond: "below range" };
  let by = atNear === atFar ? 0.5 : atNear / (atNear - atFar);
  for (let step = 0; step < 100; step++) {
    const h = near + by * (far - near);
    const missed = miss(h);
    if (Math.abs(missed) < 1e-10) return { openingPercent: h, beyond: null };
    let [third, atThird] = [near, atNear];
    if (missed > 0 !== atNear > 0) {
      [third, atThird] = [far, atFar];
      [far, atFar] = [near, atNear];
    }
    [near, atNear] = [h, missed];
    const width = Math.abs(far - near);
    if (width <= 1e-11) break;
    const [x, y] = [(near - far) / (third - far), (atNear - atFar) / (atThird - atFar)];
    // Three points on a curve that bends little: through all of them; else halfway.
    const smooth = y * y < x && (1 - y) * (1 - y) < 1 - x;
    const through = smooth
      ? (atNear / (atFar - atNear)) * (atThird / (atFar - atThird)) +
        (((third - near) / (far - near)) * (atNear / (atThird - atNear)) * atFar) / (atThird - atFar)
      : 0.5;
    const least = 0.5e-11 / width;
    by = Math.min(1 - least, Math.max(least, through));
  }
  return { openingPercent: (near + far) / 2, beyond: null };
}

import { crossing } from "../../basis/calc/crossing.ts";
import { firstOpening, type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import type { Passing } from "./pipes.ts";

/** Travel of a trim for a stream. */
export type Standing =
  | { readonly openingPercent: number; readonly beyond: null }
  /** Wide open it passes less; at its least it passes more. */
  | { readonly openingPercent: 0 | 100; readonly beyond: "above capacity" | "below range" };

/**
 * The opening at which a trim passes a stream.
 *
 * @param trim in its body
 * @param passing the stream
 * @returns opening, 0 shut to 100 open; or the end it is beyond
 * @source `crossing` on the logarithm of the flow: within 1e-9 of it
 */
export function openingFor(trim: TrimInBody, passing: Passing): Standing {
  const miss = (h: number) => Math.log(passing.share(trimAt(trim, h)));
  const [near, far] = [100, firstOpening(trim)];
  const atNear = miss(near);
  // Where nothing passes at all it is beyond.
  if (!(atNear >= 0))
    return { openingPercent: 100, beyond: atNear >= -1e-9 ? null : "above capacity" } as Standing;
  const atFar = miss(far);
  if (!(atFar <= 0)) return { openingPercent: 0, beyond: "below range" };
  return { openingPercent: crossing(miss, { near, atNear, far, atFar }, 1e-10, 1e-11), beyond: null };
}

import type { Marking } from "./marking.ts";
import type { Place } from "./place.ts";
import { coolestC, dustLetters, gasLetters } from "./words.ts";

/** Requirements of a place on equipment. */
export type Hazard = "gas" | "dust";

/** What is wrong with equipment in a place; null where it fits. */
export type Unfit =
  | "system"
  | "hazard"
  | "level"
  | "group"
  | "group unknown"
  | "surface"
  | "surface unknown"
  | null;

/** Groups that together cover every gas or dust. */
const every = {
  zone: { gas: ["IIC"], dust: ["IIIC"] },
  division: { gas: gasLetters, dust: dustLetters },
} as const;

/** In the order in which they are mended: a marking that gets further is the better one. */
const gravity: readonly Unfit[] = [
  "system",
  "hazard",
  "level",
  "group",
  "group unknown",
  "surface",
  "surface unknown",
  null,
];

function oneFits(marking: Marking, place: Place, hazard: Hazard): Unfit {
  const asked = place[hazard];
  const has = marking[hazard];
  if (asked === null) return null;
  if (has === null) return "hazard";
  if (marking.system !== place.system) return "system";
  if (has.level > asked.level) return "level";
  const accepted = every[place.system][hazard];
  // A place that is not fully stated counts as the most severe: only equipment for everything is known to fit.
  if (!(asked.groups.length === 0 ? accepted : asked.groups).every((group) => has.groups.includes(group)))
    return asked.groups.length === 0 && has.groups.length > 0 ? "group unknown" : "group";
  if (has.surfaceC === null) return "surface unknown";
  if (asked.surfaceC !== null) return has.surfaceC > asked.surfaceC ? "surface" : null;
  return has.surfaceC > coolestC ? "surface unknown" : null;
}

/**
 * Whether equipment is suitable for a place.
 *
 * @param markings of the equipment; one of them must fit
 * @param place of installation
 * @param hazard gas or dust
 * @returns the fault of the nearest marking; null where one fits
 * @source IEC 60079-14, clause 5; NFPA 70, article 500: a certificate of one system is none in the other
 */
export const unfitFor = (markings: readonly Marking[], place: Place, hazard: Hazard): Unfit =>
  markings
    .map((marking) => oneFits(marking, place, hazard))
    .reduce<Unfit>(
      (best, unfit) => (gravity.indexOf(unfit) > gravity.indexOf(best) ? unfit : best),
      "system",
    );

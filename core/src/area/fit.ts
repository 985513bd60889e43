import type { Marking } from "./marking.ts";
import type { Place } from "./place.ts";
import { temperatureClasses } from "./words.ts";

/** What of a place equipment must be fit for. */
export type Hazard = "gas" | "dust";

/** What is wrong with equipment in a place; null where nothing is. */
export type Unfit =
  | "system"
  | "hazard"
  | "level"
  | "group"
  | "group unknown"
  | "surface"
  | "surface unknown"
  | null;

/** In the order in which they are mended: one marking that gets further is the better one. */
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
  if (asked.group === null ? has.groups.length === 0 : !has.groups.includes(asked.group)) return "group";
  const [allowed, hot] = surfaces(marking, place, hazard);
  if (hot === null) return "surface unknown";
  if (allowed !== null && hot > allowed) return "surface";
  // A place that does not say is as severe as can be: only what covers everything is known to be fit.
  if (asked.group === null && !coversAll(has.groups, place.system)) return "group unknown";
  return allowed === null && hot > temperatureClasses.T6 ? "surface unknown" : null;
}

const coversAll = (groups: readonly string[], system: Place["system"]): boolean =>
  system === "zone"
    ? groups.some((g) => g === "IIC" || g === "IIIC")
    : groups.includes("A") || groups.includes("E");

/**
 * The hottest surface a place allows, and the one equipment may have.
 *
 * @param marking of the equipment
 * @param place it stands in
 * @param hazard gas or dust
 * @returns both in °C; null where one is not stated
 */
export function surfaces(
  marking: Marking,
  place: Place,
  hazard: Hazard,
): readonly [allowed: number | null, has: number | null] {
  if (hazard === "dust") return [place.dust?.surfaceC ?? null, marking.dust?.surfaceC ?? null];
  const [allowed, has] = [place.gas?.temperatureClass ?? null, marking.gas?.temperatureClass ?? null];
  return [allowed && temperatureClasses[allowed], has && temperatureClasses[has]];
}

/**
 * Whether equipment may stand in a place.
 *
 * @param markings of the equipment; one of them must fit
 * @param place it stands in
 * @param hazard gas or dust
 * @returns what is wrong with the marking that comes nearest; null where one fits
 * @source IEC 60079-14, clause 5; NFPA 70, article 500: a certificate of one system is none in the other
 */
export const unfitFor = (markings: readonly Marking[], place: Place, hazard: Hazard): Unfit =>
  markings
    .map((one) => oneFits(one, place, hazard))
    .reduce<Unfit>((best, one) => (gravity.indexOf(one) > gravity.indexOf(best) ? one : best), "system");

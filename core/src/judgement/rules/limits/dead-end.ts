import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { bodyLimit, bodyRatingBarG } from "./body.ts";
import type { PartLimit } from "./part-limit.ts";

/** How a body is held at the end of a line, with nothing bolted behind it. */
export type DeadEnd =
  | { readonly held: "on its own" }
  | { readonly held: "not at all" }
  | { readonly held: "by lugs"; readonly share: number | null };

/**
 * How a valve is held at the end of a line.
 *
 * @param valve its line's ends and dead-end rating
 * @param duty the end connection asked for
 * @returns on its own flanges or welds; not at all, for a wafer; or by its lugs, with the share of the body's
 *   rating they hold, null where the maker rates them for no dead end
 * @source a wafer body is held by two flanges; a lug body by its maker's dead-end rating
 */
export function deadEndOf({ line }: Valve, duty: Pick<SettledDuty, "endConnection">): DeadEnd {
  const { endConnection } = duty;
  if (line.ends.includes(endConnection) && endConnection !== "wafer" && endConnection !== "lug")
    return { held: "on its own" };
  if (!line.ends.includes("lug") || endConnection === "wafer") return { held: "not at all" };
  return { held: "by lugs", share: line.deadEndFactor };
}

/**
 * Rating of lugs at the end of a line, at a temperature.
 *
 * @param valve its rating
 * @param share of the rating, by its maker
 * @param temperatureC °C
 * @returns bar g; null above the rating table
 * @source dead-end rating of the product line, falling with the body's
 */
export function lugsHoldBarG(valve: Valve, share: number, temperatureC: number): number | null {
  const rating = bodyRatingBarG(valve, temperatureC);
  return rating === null ? null : share * rating;
}

/** Limit of the ends, where the valve is at the end of a line and they limit it. */
export function deadEndLimit(valve: Valve, duty: SettledDuty): PartLimit | null {
  if (!duty.stated.deadEnd) return null;
  const end = deadEndOf(valve, duty);
  if (end.held === "on its own") return null;
  const body = bodyLimit(valve);
  const share = (end.held === "by lugs" ? end.share : null) ?? 0;
  return {
    ...body,
    part: "ends",
    name: end.held === "by lugs" ? "lug body at the end of a line" : "no dead-end rating for a wafer body",
    // The rating of the lugs falls with temperature like the rating of the body.
    curve: { temperatureC: body.curve!.temperatureC, value: body.curve!.value.map((bar) => share * bar) },
  };
}

import type { Valve } from "../../catalogue/valve.ts";
import type { SettledDuty } from "../../duty/settle.ts";
import { valueOnCurve } from "../../reference/curve.ts";
import { bodyLimit } from "./body.ts";
import type { PartLimit } from "./part-limit.ts";

/** How a body is held at the end of a line, with nothing bolted behind it. */
export type DeadEnd =
  | { readonly held: "on its own" }
  | { readonly held: "not at all" }
  | { readonly held: "by lugs"; readonly limitBarG: number | null };

/**
 * How a valve is held at the end of a line.
 *
 * @param valve its line's ends and dead-end rating
 * @param duty the end connection asked for
 * @returns on its own flanges or welds; not at all, for a wafer; or by its lugs, with what they hold in bar g,
 *   null where the maker rates them for no dead end
 * @source a wafer body is held by two flanges; a lug body by its maker's dead-end rating
 */
export function deadEndOf({ line, ratingCurve }: Valve, duty: Pick<SettledDuty, "endConnection">): DeadEnd {
  const { endConnection } = duty;
  if (line.ends.includes(endConnection) && endConnection !== "wafer" && endConnection !== "lug")
    return { held: "on its own" };
  if (!line.ends.includes("lug") || endConnection === "wafer") return { held: "not at all" };
  const limitBarG = line.deadEndFactor === null ? null : line.deadEndFactor * valueOnCurve(ratingCurve, 38);
  return { held: "by lugs", limitBarG };
}

/** What the ends hold, where the duty puts the valve at the end of a line and they limit it. */
export function deadEndLimit(valve: Valve, duty: SettledDuty): PartLimit | null {
  if (!duty.stated.deadEnd) return null;
  const end = deadEndOf(valve, duty);
  if (end.held === "on its own") return null;
  const body = bodyLimit(valve);
  const held = (end.held === "by lugs" ? end.limitBarG : null) ?? 0;
  return {
    ...body,
    part: "ends",
    name: end.held === "by lugs" ? "lugs at the end of a line" : "nothing holds a wafer at the end of a line",
    curve: { temperatureC: [body.fromC, body.toC], value: [held, held] },
  };
}

import type { SettledDuty } from "./settled-duty.ts";

/** Families that are water themselves, whatever is said of free water. */
const watery: ReadonlySet<string> = new Set(["water", "hot water above 90 C", "seawater and brine"]);

/**
 * Components of a fluid that attack copper.
 *
 * @param duty settled duty
 * @returns ammonia, acetylene, butadiene or wet H₂S; null where nothing does
 * @source copper alloys crack in ammonia and wet H₂S, and form explosive compounds with acetylene and butadiene
 */
export function attacksCopper({
  stated: { fluid },
  substance,
  families,
  freeWater,
  h2sKPa,
}: SettledDuty): "ammonia" | "acetylene" | "butadiene" | "wet H₂S" | null {
  const names = `${fluid.name} ${substance?.name ?? ""}`;
  if (families.has("ammonia")) return "ammonia";
  if (/acetylene|ethyne/i.test(names)) return "acetylene";
  if (/butadiene/i.test(names)) return "butadiene";
  const wet = freeWater || [...families].some((family) => watery.has(family));
  return h2sKPa > 0 && wet ? "wet H₂S" : null;
}

/** Whether copper makes something with it that explodes. */
export const explodesWithCopper = (attacker: string): boolean =>
  attacker === "acetylene" || attacker === "butadiene";

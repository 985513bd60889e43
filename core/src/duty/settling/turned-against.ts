import type { SettledCase } from "./settled-case.ts";

type Sides = Pick<
  SettledCase,
  | "kind"
  | "shut"
  | "moved"
  | "pressureBarG"
  | "differentialBar"
  | "closedDifferentialBar"
  | "downstreamOrigin"
>;

/** A case that states the pressures on both sides of the shut valve, not those of flow through the open one. */
const statesShut = (c: Sides) =>
  c.shut && c.kind === "shut-off differential" && c.downstreamOrigin === "entered" && c.pressureBarG !== null;

/**
 * Differential against which a valve opens and closes in a case. The pressure behind an open valve does not tell the
 * pressure there once it is shut.
 *
 * @param c a settled case
 * @param allSides the duty's cases, a stated shut-off differential among them
 * @returns bar ≥ 0; 0 in a case in which it is not shut or not moved; null where the driving pressure is not stated. The far side is
 *   vented unless a shut-off differential at no less pressure states it
 * @source house convention: what is not stated never flatters
 * @example turnedAgainstBar({ kind: "normal", shut: true, moved: null, pressureBarG: 85, differentialBar: 0.5, closedDifferentialBar: 85, downstreamOrigin: "entered" }, []) // → 85
 */
export function turnedAgainstBar(c: Sides, allSides: readonly Sides[]): number | null {
  if (!c.shut || c.moved === false) return 0;
  if (statesShut(c)) return c.differentialBar;
  if (c.pressureBarG === null) return null;
  const stated = allSides.filter((other) => statesShut(other) && other.pressureBarG! >= c.pressureBarG!);
  if (stated.length === 0) return c.closedDifferentialBar;
  return Math.min(c.closedDifferentialBar!, Math.max(...stated.map((other) => other.differentialBar!)));
}

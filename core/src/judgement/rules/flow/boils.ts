import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { FlowOfCase } from "../../../mechanics/flow/assess.ts";
import type { ValveFlow } from "../../../mechanics/flow/picked.ts";

/** The value a rule on boiling is missing. */
const unknown = { missing: "vapour pressure of the liquid" } as const;

/**
 * Where the boiling point is not known: a valve that stands open and takes no more pressure drop than the house rule
 * allows is not asked.
 *
 * @param c the case
 * @param flow whether it throttles
 * @param house pressure an open valve may take
 * @returns the missing value; null where it is not asked; undefined where it is known
 */
export function boilsUnknown(
  c: FlowOfCase,
  { throttles }: Pick<ValveFlow, "throttles">,
  house: HouseRules,
): typeof unknown | null | undefined {
  if (c.stream.kind !== "liquid" || c.stream.vapourKnown) return undefined;
  return throttles || c.dropBar > house.openDropBar ? unknown : null;
}

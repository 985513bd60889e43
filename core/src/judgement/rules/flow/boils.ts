import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { FlowOfCase } from "../../../mechanics/flow/assess.ts";
import type { ValveFlow } from "../../../mechanics/flow/picked.ts";

/** What a rule of boiling waits for. */
const unknown = { missing: "vapour pressure of the liquid" } as const;

/**
 * Where nobody says when a liquid boils: a valve that stands open and takes no more than the house gives it is not asked.
 *
 * @param c the case
 * @param flow whether it throttles
 * @param house pressure an open valve may take
 * @returns what is missing; null where it is not asked; undefined where it is known
 */
export function boilsUnknown(
  c: FlowOfCase,
  { throttles }: Pick<ValveFlow, "throttles">,
  house: HouseRules,
): typeof unknown | null | undefined {
  if (c.stream.kind !== "liquid" || c.stream.vapourKnown) return undefined;
  return throttles || c.dropBar > house.openDropBar ? unknown : null;
}

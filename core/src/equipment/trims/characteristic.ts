import type { characteristics } from "../../duty/fields/words.ts";
import { type TrimInBody, trimAt } from "./trim.ts";

export type CharacteristicName = (typeof characteristics)[number];

/** Share of the coefficient at half travel that separates the three: the means of what their laws give there. */
const partedAt = { linearFrom: 0.32, quickFrom: 0.62 } as const;

/** Flow of a trim at half its travel, and the characteristic it implies. */
export interface InherentCharacteristic {
  /** Share of the fully open coefficient. */
  readonly halfShare: number;
  readonly name: CharacteristicName;
}

/**
 * The inherent characteristic of a trim.
 *
 * @param trim in its body
 * @returns by its coefficient at half the stroke
 * @source 50^−½ = 0.14, ½ and about 0.75 for equal percentage, linear and quick opening; parted between them (house
 *   convention)
 */
export function inherentOf(trim: TrimInBody): InherentCharacteristic {
  const halfShare = trimAt(trim, 50).kv / trim.kv;
  const { linearFrom, quickFrom } = partedAt;
  return {
    halfShare,
    name: halfShare < linearFrom ? "equal percentage" : halfShare < quickFrom ? "linear" : "quick opening",
  };
}

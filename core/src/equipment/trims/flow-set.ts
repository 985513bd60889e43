import { type ClosingMember, closingFace } from "./closing-face.ts";
import type { FlowTrim } from "./schema.ts";

/** Flow trims that can be ordered with a closing member. */
export interface FlowSet {
  readonly trims: readonly FlowTrim[];
  /** Whether the closing member resists boiling flow, which decides between them. */
  readonly resistsBoiling: boolean;
}

interface Ordered {
  readonly line: { readonly flowTrims: readonly FlowTrim[] };
  readonly trim: ClosingMember & { readonly id: string };
}

/** Sets of a line by their contents, so that materials without a say in the choice share one, and by material. */
interface Sets {
  readonly byKey: Map<string, FlowSet>;
  readonly byTrim: WeakMap<Ordered["trim"], FlowSet>;
}
const known = new WeakMap<readonly FlowTrim[], Sets>();

/**
 * The flow trims a valve can have with its material trim.
 *
 * @param valve line and material trim
 * @returns the same set for every material trim that leaves the same choice
 * @source the catalogue
 */
export function flowSetOf({ line: { flowTrims }, trim }: Ordered): FlowSet {
  let sets = known.get(flowTrims);
  if (!sets) {
    sets = { byKey: new Map(), byTrim: new WeakMap() };
    known.set(flowTrims, sets);
  }
  const cached = sets.byTrim.get(trim);
  if (cached) return cached;
  const trims = flowTrims.filter(({ madeIn }) => madeIn === null || madeIn.includes(trim.id));
  // A single trim is taken whatever the face.
  const resistsBoiling = trims.length > 1 && closingFace(trim).boilingFlow === "good";
  const key = `${resistsBoiling} ${trims.map(({ id }) => id).join("\n")}`;
  let set = sets.byKey.get(key);
  if (!set) {
    set = { trims: trims.length === flowTrims.length ? flowTrims : trims, resistsBoiling };
    sets.byKey.set(key, set);
  }
  sets.byTrim.set(trim, set);
  return set;
}

import type { ProvenCandidate } from "./candidate.ts";

/** Result of one kind of accessory on an actuator. */
export interface FittingLine {
  readonly kind: string;
  /** Description of the item wanted, as in an order. */
  readonly wanted: string;
  readonly pieces: number;
  /** The item mounted; null where the stroke needs none, or none fits. */
  readonly mounted: { readonly maker: string; readonly item: string; readonly price: number } | null;
  /** How many of the shelf do. */
  readonly fit: number;
  /** Why others do not: each reason once, with the first it was found at. */
  readonly refused: readonly { readonly who: string; readonly why: string }[];
  /** Whether the stroke decides if it is mounted. */
  readonly byStroke: boolean;
}

/**
 * Accessories on the actuator of a candidate, kind by kind.
 *
 * @param candidate a proven candidate
 * @returns a line for each kind its drive may want, in the order in which air and signal meet them; none where the
 *   shelf has no accessories
 * @source the same choice as the proof's price
 */
export function fittingsPicture({
  train,
  fitted,
}: Pick<ProvenCandidate, "train" | "fitted">): readonly FittingLine[] {
  return (train.fittings?.places ?? []).map(({ kind, says, pieces, fit, refused }) => {
    const fitting = fitted.find((f) => f.kind === kind.kind);
    const reasons = new Map(refused.map(({ family, item, why }) => [why, `${family.maker} ${item.id}`]));
    return {
      kind: kind.kind,
      wanted: says,
      pieces: fitting?.pieces ?? pieces,
      mounted: fitting ? { maker: fitting.family.maker, item: fitting.item.id, price: fitting.price } : null,
      fit: fit.length,
      refused: [...reasons].map(([why, who]) => ({ who, why })),
      byStroke: kind.byStroke ?? false,
    };
  });
}

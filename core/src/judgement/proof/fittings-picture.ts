import type { ProvenCandidate } from "./candidate.ts";

/** What one kind of accessory comes to on a drive. */
export interface FittingLine {
  readonly kind: string;
  /** What is looked for, as an order would say it. */
  readonly wanted: string;
  readonly pieces: number;
  /** What is mounted; null where the stroke asks for none, or none does. */
  readonly mounted: { readonly maker: string; readonly item: string; readonly price: number } | null;
  /** How many of the shelf do. */
  readonly fit: number;
  /** Why others do not: each reason once, with the first it was found at. */
  readonly refused: readonly { readonly who: string; readonly why: string }[];
  /** Whether the stroke decides if it is mounted. */
  readonly byStroke: boolean;
}

/**
 * What stands on the drive of a candidate, kind by kind.
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
    const one = fitted.find((f) => f.kind === kind.kind);
    const reasons = new Map(refused.map(({ family, item, why }) => [why, `${family.maker} ${item.id}`]));
    return {
      kind: kind.kind,
      wanted: says,
      pieces: one?.pieces ?? pieces,
      mounted: one ? { maker: one.family.maker, item: one.item.id, price: one.price } : null,
      fit: fit.length,
      refused: [...reasons].map(([why, who]) => ({ who, why })),
      byStroke: kind.byStroke ?? false,
    };
  });
}

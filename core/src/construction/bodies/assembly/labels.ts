import type { BodyPart } from "../construction.ts";
import type { Assembly, Piece } from "./model.ts";

/** A part of a drawn section as it is labelled. */
export interface LabelledPart {
  readonly id: string;
  readonly name: string;
  readonly does: string;
  /** Pieces it shows. */
  readonly pieces: readonly string[];
}

/**
 * Parts of a drawn section by the pieces they show.
 *
 * @param parts of a construction
 * @param assembly with its arrangement
 * @returns each part with the pieces the valve has, named after its piece where it shows a single one
 * @throws where a part shows no piece of the valve: the two models contradict each other
 * @source the assembly of the construction
 */
export function labelled(parts: readonly BodyPart[], { pieces }: Pick<Assembly, "pieces">): LabelledPart[] {
  return parts.map(({ id, name, shows = [id], does }) => {
    const shown = shows.flatMap((pieceId): Piece[] => pieces.filter((piece) => piece.id === pieceId));
    if (shown.length === 0) throw new Error(`${id} is drawn but is not a part of the valve`);
    return { id, name: name ?? shown[0]!.name, does, pieces: shown.map((piece) => piece.id) };
  });
}

import type { Assembly, Piece } from "../../construction/bodies/assembly/model.ts";
import { type ShopStep, type Stage, step } from "./step.ts";

const fingers =
  "The closing member can amputate fingers. Turn it with a lever on the stem, never with an actuator. Keep everyone's hands out of the bore.";

const turn = (stage: Stage, does: string, { at, name }: Piece): ShopStep =>
  step(stage, does, {
    at,
    cautions: [fingers],
    figures: [{ what: "otherwise held by", value: `the ${name}`, unit: "" }],
  });

const memberOf = ({ pieces }: Pick<Assembly, "pieces">): Piece =>
  pieces.find(({ role }) => role === "closing member")!;

/** The part that turns it: a separate stem, or none where the closure is its own stem. */
const turnedBy = ({ pieces }: Pick<Assembly, "pieces">): Piece | undefined =>
  pieces.find(({ id }) => id === "stem");

/**
 * Where the closure is turned during strip-down.
 *
 * @param assembly pieces
 * @param order in which they come off
 * @returns by index of the piece it comes before, the step that turns the closure: before a piece that needs another
 *   position, and before the stem is out, after which nothing turns it
 * @source the pieces
 */
export function turnedApart(assembly: Assembly, order: readonly Piece[]): ReadonlyMap<number, ShopStep> {
  const stem = order.findIndex(({ id }) => id === turnedBy(assembly)?.id);
  const turns = new Map<number, ShopStep>();
  let stands: Piece["at"] = null;
  order.forEach((piece, i) => {
    if (piece.at === null || piece.at === stands) return;
    stands = piece.at;
    const does = `Turn the ${memberOf(assembly).name} ${piece.at}.`;
    turns.set(stem >= 0 && stem < i ? stem : i, turn("position", does, piece));
  });
  return turns;
}

/**
 * Position of the closure during reassembly.
 *
 * @param assembly pieces
 * @param order in which they go back
 * @returns before each piece: the step that turns the closure, or the stem it goes onto; none where it is already in
 *   position, or is fitted in position
 * @source the pieces
 */
export function turningTogether(assembly: Assembly, order: readonly Piece[]) {
  const [member, stem] = [memberOf(assembly), turnedBy(assembly)];
  const placed = new Set(assembly.pieces.filter((piece) => !order.includes(piece)).map(({ id }) => id));
  let stands: Piece["at"] = null;
  return {
    before(piece: Piece): ShopStep | null {
      const { at } = piece;
      placed.add(piece.id);
      if (at === null || at === stands) return null;
      stands = at;
      if (piece !== member) return turn("put together", `Turn the ${member.name} ${at}.`, piece);
      return stem !== undefined && placed.has(stem.id)
        ? turn(
            "put together",
            `Turn the ${stem.name} to its position with the valve ${at}. The ${member.name} fits onto it only in this position.`,
            piece,
          )
        : null;
    },
    /** It was turned in between. */
    stands(at: Piece["at"]): void {
      stands = at ?? stands;
    },
    now: (): Piece["at"] => stands,
  };
}

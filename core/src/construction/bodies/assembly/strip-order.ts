import type { Assembly, Piece } from "./model.ts";

/**
 * The order of dismantling.
 *
 * @param assembly pieces and the parts that hold them
 * @param wanted pieces that are to come off, with whatever holds them; all that come off where not given
 * @returns pieces, each after everything that holds it; of those that are free the first as the construction lists them, so
 *   that the order is always the same
 * @throws RangeError where pieces hold each other in a ring, or one is held by what there is not
 * @source topological order
 */
export function stripOrder({ pieces }: Assembly, wanted?: readonly string[]): Piece[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const needed = new Set<string>();
  const need = (id: string): void => {
    const piece = byId.get(id);
    if (piece === undefined) throw new RangeError(`No part named ${id} exists that could hold another part.`);
    if (needed.has(id) || piece.out === "stays") return;
    needed.add(id);
    for (const holder of piece.heldBy) need(holder);
  };
  for (const id of wanted ?? pieces.map((piece) => piece.id)) need(id);
  const order: Piece[] = [];
  const off = new Set<string>();
  while (order.length < needed.size) {
    const next = pieces.find(
      ({ id, heldBy }) =>
        needed.has(id) && !off.has(id) && heldBy.every((holder) => off.has(holder) || !needed.has(holder)),
    );
    if (next === undefined) throw new RangeError("The parts hold each other: no part can be removed first.");
    order.push(next);
    off.add(next.id);
  }
  return order;
}

/**
 * Pieces that come off together with the wanted ones.
 *
 * @param assembly pieces and the parts that hold them
 * @param wanted pieces that are to come off
 * @returns ids of those, of whatever holds them, and of every seal and spring that nothing holds any more then: a seal
 *   that was lifted is renewed, a spring that is loose is counted
 * @source the pieces
 */
export function loosenedBy(assembly: Assembly, wanted: readonly string[]): string[] {
  const off = new Set(stripOrder(assembly, wanted).map(({ id }) => id));
  const loose = assembly.pieces.filter(
    ({ role, out, heldBy }) =>
      (role === "seal" || role === "spring") &&
      out !== "stays" &&
      heldBy.length > 0 &&
      heldBy.every((holder) => off.has(holder)),
  );
  return [...new Set([...off, ...loose.map(({ id }) => id)])];
}

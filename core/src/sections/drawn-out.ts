import type { PieceRole } from "../bodies/index.ts";
import type { Point, Role, Shape, View } from "./shape.ts";

/** What pieces are drawn as. */
const drawnAs: Partial<Record<PieceRole, Role>> = {
  stem: "stem",
  shell: "bonnet",
  "closing member": "closure",
  seat: "seat",
  seal: "seal",
  spring: "spring",
  bearing: "bearing",
  bolting: "bolt",
};
/** Of what there is one of in a section, or of which every part moves together. */
const whole: ReadonlySet<PieceRole> = new Set(["stem", "shell", "closing member"]);

/** Of the height of a drawing, within which a shape is at the place a part is named at. */
const near = 0.09;

const middleOf = ({ path }: Shape): Point => {
  const pairs = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)];
  const sum = (at: 1 | 2) => pairs.reduce((so, pair) => so + Number(pair[at]), 0) / Math.max(1, pairs.length);
  return [sum(1), sum(2)];
};

/**
 * Shapes of a section that a piece is drawn as.
 *
 * @param view a section
 * @param role of the piece
 * @param at where the drawing names it, mm; null where it does not
 * @returns places of the shapes in the view: every one of a stem, a cover or a closing member; of others those on the same
 *   side and as far from the pipe's axis, above it and below; none where the piece is not drawn
 * @source the shapes' own middles
 */
export function shapesOf(view: View, role: PieceRole, at: Point | null): number[] {
  const as = drawnAs[role];
  if (as === undefined || (at === null && !whole.has(role))) return [];
  const { top, bottom } = view.box;
  return view.shapes.flatMap((shape, i) => {
    if (shape.role !== as) return [];
    if (whole.has(role)) return [i];
    const [x, y] = middleOf(shape);
    const across = Math.abs(Math.abs(y) - Math.abs(at![1])) <= near * (top - bottom);
    const along = at![0] === 0 || Math.sign(x) === Math.sign(at![0]) || Math.abs(x) < 1e-6;
    return across && along ? [i] : [];
  });
}

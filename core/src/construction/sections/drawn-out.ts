import type { PieceRole } from "../bodies/assembly/model.ts";
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

/** Of the height and the width of a drawing, within which a shape is at the place a part is named at. */
const near = { height: 0.09, width: 0.07 };

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
 * @param sided whether another stands across the middle of the bore
 * @returns places of the shapes in the view: every one of a stem, a cover or a closing member; of others those as far from
 *   the pipe's axis, above it and below, and from its middle, on its own side where it is one of two; none where the piece
 *   is not drawn
 * @source the shapes' own middles
 */
export function shapesOf(view: View, role: PieceRole, at: Point | null, sided: boolean): number[] {
  const as = drawnAs[role];
  if (as === undefined || (at === null && !whole.has(role))) return [];
  const { left, right, top, bottom } = view.box;
  return view.shapes.flatMap((shape, i) => {
    if (shape.role !== as) return [];
    if (whole.has(role)) return [i];
    const [x, y] = middleOf(shape);
    const across = Math.abs(Math.abs(y) - Math.abs(at![1])) <= near.height * (top - bottom);
    const along = Math.abs(Math.abs(x) - Math.abs(at![0])) <= near.width * (right - left);
    return across && along && (!sided || Math.sign(x) === Math.sign(at![0])) ? [i] : [];
  });
}

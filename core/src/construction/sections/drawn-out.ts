import type { PieceRole } from "../bodies/assembly/model.ts";
import type { Point, Role, Shape, View } from "./shape.ts";

/** Shapes that pieces are drawn as. */
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
/** Parts that occur once in a section, or of which every shape moves together. */
const whole: ReadonlySet<PieceRole> = new Set(["stem", "shell", "closing member"]);

/** Share of a drawing's height and width within which a shape belongs to the place a part is named at. */
const near = { height: 0.09, width: 0.07 };

const middleOf = ({ path }: Shape): Point => {
  const pairs = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)];
  const sum = (coordinate: 1 | 2) =>
    pairs.reduce((sum, pair) => sum + Number(pair[coordinate]), 0) / Math.max(1, pairs.length);
  return [sum(1), sum(2)];
};

/**
 * Shapes of a section that a piece is drawn as.
 *
 * @param view a section
 * @param role of the piece
 * @param point where the drawing names it, mm; null where it does not
 * @param sided whether there is another one across the middle of the bore
 * @returns places of the shapes in the view: all shapes of a stem, cover or closure; of other parts the ones at the
 *   same distance from the pipe axis, above and below, and on the same side where it is one of two; none where the
 *   piece is not drawn
 * @source the shapes' own middles
 */
export function shapesOf(view: View, role: PieceRole, point: Point | null, sided: boolean): number[] {
  const as = drawnAs[role];
  if (as === undefined || (point === null && !whole.has(role))) return [];
  const { left, right, top, bottom } = view.box;
  return view.shapes.flatMap((shape, i) => {
    if (shape.role !== as) return [];
    if (whole.has(role)) return [i];
    const [x, y] = middleOf(shape);
    const across = Math.abs(Math.abs(y) - Math.abs(point![1])) <= near.height * (top - bottom);
    const along = Math.abs(Math.abs(x) - Math.abs(point![0])) <= near.width * (right - left);
    return across && along && (!sided || Math.sign(x) === Math.sign(point![0])) ? [i] : [];
  });
}

import type { View } from "@proven-seat/core/construction/sections";
import type { SectionData } from "../../workers/views.ts";

/** The side a body that opens on one opens on: −1 before the closing member, 1 behind it. */
export const opensOn = (view: View): -1 | 1 =>
  (view.places.find(({ part }) => part === "end" || part === "insert")?.at[0] ?? 1) < 0 ? -1 : 1;

/** The side a piece stands on that is one of two; null of another. */
export function sideOf(view: View, id: string): -1 | 1 | null {
  const [which] = /^(upstream|downstream|near|far)(?=-)/.exec(id) ?? [];
  if (which === undefined) return null;
  if (which === "upstream" || which === "downstream") return which === "upstream" ? -1 : 1;
  return which === "near" ? opensOn(view) : (-opensOn(view) as -1 | 1);
}

/** Where the drawing points at a piece, mm; null where it does not show it. */
export function pointAt(
  view: View,
  parts: SectionData["parts"],
  id: string,
): readonly [number, number] | null {
  const showing = parts.filter(({ pieces }) => pieces.includes(id));
  // What shows the piece alone before what shows it among others.
  showing.sort((a, b) => a.pieces.length - b.pieces.length);
  const place = showing
    .map((part) => view.places.find((place) => place.part === part.id))
    .find((partPlace) => partPlace !== undefined);
  if (place === undefined) return null;
  const [x, y] = place.at;
  // One of two alike is named; the other stands across the middle of the bore.
  const side = sideOf(view, id);
  return side === null ? [x, y] : [side * Math.abs(x), y];
}

import type { View } from "@proven-seat/core/construction/sections";
import type { SectionData } from "../../workers/views.ts";

/** The side on which a body with one opening opens: −1 before the closure, 1 behind it. */
export const opensOn = (view: View): -1 | 1 =>
  (view.places.find(({ part }) => part === "end" || part === "insert")?.at[0] ?? 1) < 0 ? -1 : 1;

/** The side of a piece that is one of two; null for others. */
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
  // A shape of the piece alone is preferred to one it shares.
  showing.sort((a, b) => a.pieces.length - b.pieces.length);
  const place = showing
    .map((part) => view.places.find((place) => place.part === part.id))
    .find((partPlace) => partPlace !== undefined);
  if (place === undefined) return null;
  const [x, y] = place.at;
  // One of two equal pieces has the name; the other is across the middle of the bore.
  const side = sideOf(view, id);
  return side === null ? [x, y] : [side * Math.abs(x), y];
}

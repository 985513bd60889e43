import { angles, type OverStroke, type Profile, type StrokeName } from "./profile.ts";

/** A point on one of the strokes. */
export interface Place {
  readonly stroke: StrokeName;
  /** From shut. */
  readonly degrees: number;
}

export interface Weakest extends Place {
  readonly givesNm: number;
  readonly asksNm: number;
}

/** Output for each N·m of demand. Without demand, any output that does not brake is enough. */
const ratio = (gives: number, asks: number): number => {
  if (asks > 0) return gives / asks;
  return gives < 0 ? Number.NEGATIVE_INFINITY : Number.POSITIVE_INFINITY;
};

function leastOf(gives: OverStroke, asks: OverStroke): { readonly at: number; readonly least: number } {
  let index = 0;
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < asks.length; i++) {
    const here = ratio(gives[i]!, asks[i]!);
    if (here < least) {
      index = i;
      least = here;
    }
  }
  return { at: index, least };
}

/**
 * Where on either stroke a drive has least over a valve.
 *
 * @param gives output, N·m
 * @param asks demand, N·m; where it helps, at or below zero, it asks for nothing
 * @returns the place with the lowest ratio of output to demand, and both there; the first from shut on opening, then
 *   on closing, where several are the same
 * @source every angle of both strokes must turn
 */
export function weakest(gives: Profile, asks: Profile): Weakest {
  const opening = leastOf(gives.opening, asks.opening);
  const closing = leastOf(gives.closing, asks.closing);
  const [stroke, { at }] =
    closing.least < opening.least ? (["closing", closing] as const) : (["opening", opening] as const);
  return { stroke, degrees: angles[at]!, givesNm: gives[stroke][at]!, asksNm: asks[stroke][at]! };
}

/**
 * A place on a stroke in the trade's words, without its angle.
 *
 * @param place stroke and degrees from shut
 * @returns the named point; between the ends, run
 * @example pointWords({ stroke: "closing", degrees: 0 }) // → "end to close"
 */
export function pointWords({ stroke, degrees }: Place): string {
  const open = stroke === "opening";
  if (degrees === 0) return open ? "break to open" : "end to close";
  if (degrees === 90) return open ? "end to open" : "break to close";
  return open ? "run to open" : "run to close";
}

/**
 * A place on a stroke in the trade's words, with its angle between the ends.
 *
 * @param place stroke and degrees from shut
 * @returns the named point, and the angle where that alone does not say it
 * @example placeWords({ stroke: "opening", degrees: 51 }) // → "run to open, 51° from shut"
 */
export function placeWords(place: Place): string {
  const { degrees } = place;
  return degrees === 0 || degrees === 90 ? pointWords(place) : `${pointWords(place)}, ${degrees}° from shut`;
}

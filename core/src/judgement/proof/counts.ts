import { figure } from "../../basis/units/figures.ts";

/** How many candidates of a proof fail nothing, and how many of those wait for an input. */
export interface Counts {
  readonly considered: number;
  /** Candidates without a *fails*. */
  readonly standing: number;
  /** Those of `standing` with a *cannot tell*; null or absent where an older version did not count them. */
  readonly cannotTell: number | null;
}

/**
 * Number of candidates that wait for an input.
 *
 * @param standing candidates without a *fails*
 * @returns those with a *cannot tell*
 * @example waitingAmong([{ cannotTell: 0 }, { cannotTell: 2 }]) // → 1
 */
export const waitingAmong = (standing: readonly { readonly cannotTell: number }[]): number =>
  standing.filter(({ cannotTell }) => cannotTell > 0).length;

/**
 * The three numbers of a proof in words: each candidate is suitable, waits for an input, or is ruled out.
 *
 * @param counts of a proof
 * @returns one phrase; two numbers only where waiting candidates were not counted
 * @example countsText({ considered: 9, standing: 5, cannotTell: 2 }) // → "3 suitable, 2 cannot tell, 4 ruled out"
 */
export function countsText({ considered, standing, cannotTell }: Counts): string {
  const ruledOut = `${figure(considered - standing)} ruled out`;
  return typeof cannotTell === "number"
    ? `${figure(standing - cannotTell)} suitable, ${figure(cannotTell)} cannot tell, ${ruledOut}`
    : `${figure(standing)} not ruled out, ${ruledOut}`;
}

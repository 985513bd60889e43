/** A hand holds this on a lever for a while, N; above it a gear is wanted. */
const handN = 360;
/** A longer lever than this is no lever any more, m. */
const longestLeverM = 0.75;

/**
 * Whether a hand on a lever turns a valve.
 *
 * @param breakNm torque to break it open, N·m ≥ 0
 * @returns true up to 270 N·m; beyond, a gear is wanted
 * @source practice: 360 N at the end of a lever of 750 mm
 * @example handTurns(270) // → true
 */
export const handTurns = (breakNm: number): boolean => breakNm <= handN * longestLeverM;
